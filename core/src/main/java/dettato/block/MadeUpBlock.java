package dettato.block;

import dettato.exercise.Material;
import dettato.spell.LegalSpellings;
import dettato.word.Reader;
import dettato.word.Segmentation;
import dettato.word.Word;
import java.util.List;

/** Invented words, spelled by sound and rule: every legal spelling is right. */
final class MadeUpBlock extends WordTaskBlock {
  @Override
  public String id() {
    return "made-up";
  }

  @Override
  public boolean isReadBack() {
    return false;
  }

  @Override
  public String title() {
    return "Invented words";
  }

  @Override
  String says(String text, Material material) {
    return "/" + word(text).cut().ipa(material.accent()) + "/, no real word";
  }

  @Override
  public Call call(Item item, Material material) {
    Call call = super.call(item, material);
    List<String> legal = LegalSpellings.of(word(item.text()).cut(), material.accent());
    return new Call(call.says(), legal.isEmpty() ? call.answer() : legal, call.pause());
  }

  @Override
  Word word(String due, Markers markers) {
    return word(due);
  }

  /** It is built of no base and no ending, so it is read by rule from end to end. */
  private static Word word(String spelling) {
    return Word.invented(Segmentation.of(spelling, Reader.read(spelling)));
  }
}

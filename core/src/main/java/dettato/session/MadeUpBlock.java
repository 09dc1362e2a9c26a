package dettato.session;

import dettato.exercise.Material;
import dettato.spell.LegalSpellings;
import dettato.word.Word;
import java.util.List;

/** Invented words, spelled by sound and rule: every legal spelling is right. */
final class MadeUpBlock extends WordTaskBlock {
  @Override
  public String id() {
    return "made-up";
  }

  @Override
  public String title() {
    return "Invented words";
  }

  @Override
  String says(String text, Material material) {
    return "/" + material.word().apply(text).cut().ipa(material.accent()) + "/, no real word";
  }

  @Override
  public Call call(Item item, Material material) {
    Call call = super.call(item, material);
    List<String> legal =
        LegalSpellings.of(material.word().apply(item.text()).cut(), material.accent());
    return new Call(call.says(), legal.isEmpty() ? call.answer() : legal, call.pause());
  }

  @Override
  Word word(String due, Markers markers) {
    return Word.invented(super.word(due, markers).cut());
  }
}

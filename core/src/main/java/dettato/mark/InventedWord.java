package dettato.mark;

import dettato.rule.RuleBook;
import dettato.sound.Grapheme;
import dettato.word.NeverWritten;
import dettato.word.Segmentation;
import dettato.word.Unit;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** An invented word has no spelling of its own: whatever spells its sounds and keeps the rules. */
final class InventedWord {
  private InventedWord() {}

  /**
   * Whether a spelling that reads right is right, since the word is invented and no rule breaks; a
   * sound that is not written by itself has none.
   */
  static boolean isLegal(Target target, UnitMark[] written) {
    if (target.word.use() != Word.Use.INVENTED
        || Stream.of(written).anyMatch(unit -> unit.written().isEmpty())) {
      return false;
    }
    Segmentation cut = cut(target.word.cut(), written);
    return !NeverWritten.isIn(cut.spelling()) && RuleBook.keeps(target.word, cut);
  }

  private static Segmentation cut(Segmentation model, UnitMark[] written) {
    List<Unit> units = new ArrayList<>();
    for (int i = 0; i < written.length; i++) {
      Unit unit = model.unit(i);
      units.add(
          new Unit(
              unit.sound(), new Grapheme(written[i].written()), unit.stress(), unit.opensBeat()));
    }
    return Segmentation.of(units);
  }
}

package dettato.focus;

import dettato.rule.Opportunity;
import dettato.rule.RuleBook;
import dettato.rule.Side;
import dettato.sound.Accent;
import dettato.word.SyllabicL;
import dettato.word.Word;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The place in a word that a focus is about.
 *
 * @param unit index of the unit, or of the first of two that are heard as one
 * @param ipa what is heard there, in the accent
 * @param grapheme the letters there
 * @param decided what a rule decides there; empty where graphemes rival
 */
public record FocusAt(int unit, String ipa, String grapheme, Optional<Opportunity> decided) {

  /** Its first place; empty for a word that asks nothing of the focus. */
  public static Optional<FocusAt> of(Focus focus, Word word, Accent accent) {
    return focus.read(
        new Focus.Cases<>() {
          @Override
          public Optional<FocusAt> rule(String id) {
            return RuleBook.opportunities(id, word)
                .findFirst()
                .map(o -> at(o.unit(), Optional.of(o)));
          }

          @Override
          public Optional<FocusAt> rivals(String sound, List<String> graphemes) {
            for (int i = 0; i < word.cut().size(); i++) {
              if (word.cut().ipa(i, accent).equals(sound)) {
                return Optional.of(at(i, Optional.empty()));
              }
            }
            return SyllabicL.of(word, accent)
                .filter(end -> end.ipa().equals(sound))
                .map(end -> new FocusAt(end.unit(), end.ipa(), end.grapheme(), Optional.empty()));
          }

          @Override
          public Optional<FocusAt> irregular() {
            return Optional.empty();
          }

          private FocusAt at(int unit, Optional<Opportunity> decided) {
            String letters = word.cut().unit(unit).grapheme().text();
            return new FocusAt(unit, word.cut().ipa(unit, accent), letters, decided);
          }
        });
  }

  /** Of several focuses: where the first rule decides, else the first place of a rival sound. */
  public static Optional<FocusAt> first(List<Focus> focuses, Word word, Accent accent) {
    List<FocusAt> all = focuses.stream().flatMap(f -> of(f, word, accent).stream()).toList();
    return all.stream()
        .filter(at -> at.decided().isPresent())
        .findFirst()
        .or(() -> all.stream().min(Comparator.comparingInt(FocusAt::unit)));
  }

  /**
   * What is asked there, to be told from what other words ask: the rule's side, or the grapheme.
   */
  public String asks() {
    return decided
        .map(o -> (o.side().isSpecial() ? Side.DUE : Side.NOT_DUE).name())
        .orElse(grapheme);
  }
}

package dettato.mark;

import dettato.rule.Outcome;
import dettato.rule.RuleBook;
import java.util.ArrayList;
import java.util.List;

/** Says a mark in plain sentences, one a fact, the deciding rule first. */
public final class Explanation {
  private Explanation() {}

  /** Sentences for a teacher; empty when the attempt is as the model. */
  public static List<String> of(Mark mark) {
    List<String> said = new ArrayList<>();
    for (RuleMark rule : mark.rules()) {
      if (rule.outcome() == Outcome.UNDER || rule.outcome() == Outcome.OVER) {
        String way = rule.outcome() == Outcome.UNDER ? "left out where due" : "put where not due";
        said.add(
            capital(rule.at().why())
                + ". Written: "
                + rule.written()
                + " ("
                + RuleBook.of(rule.rule()).name()
                + ", "
                + way
                + ").");
      }
    }
    for (int i = 0; i < mark.units().size() && mark.result() != Result.BLANK; i++) {
      unit(mark, i, said);
    }
    mark.extras().forEach(e -> said.add(e.written() + " stands for no sound of the word."));
    mark.swaps().forEach(s -> said.add("Two neighbouring letters changed places."));
    mark.oddities().forEach(o -> said.add("There is a " + o + " inside the word."));
    mark.realWord()
        .ifPresent(
            r ->
                said.add(
                    r == Mark.RealWord.HOMOPHONE
                        ? "It is another word that sounds the same."
                        : "It is another real word."));
    return said;
  }

  private static void unit(Mark mark, int i, List<String> said) {
    UnitMark unit = mark.units().get(i);
    boolean decided =
        mark.rules().stream()
            .anyMatch(
                r ->
                    r.at().unit() == i
                        && (r.outcome() == Outcome.UNDER || r.outcome() == Outcome.OVER));
    boolean swapped = mark.swaps().stream().anyMatch(s -> s.first() == i || s.second() == i);
    String grapheme = mark.target().cut().unit(i).grapheme().text();
    String confusion = unit.confusion().map(c -> " (" + c.replace('-', ' ') + ")").orElse("");
    if (decided || swapped) {
      return;
    }
    switch (unit.verdict()) {
      case ALTERNATIVE ->
          said.add(
              unit.written()
                  + " can spell this sound, but this word has "
                  + grapheme
                  + ": known by word.");
      case PARTIAL -> said.add(grapheme + " is not whole: " + unit.written() + confusion + ".");
      case NEAR ->
          said.add(
              unit.written() + " spells a near sound in place of " + grapheme + confusion + ".");
      case OTHER -> said.add(unit.written() + " spells another sound than " + grapheme + ".");
      case MISSING -> said.add("The sound of " + grapheme + " is missing" + confusion + ".");
      case EXACT -> {}
    }
  }

  private static String capital(String text) {
    return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
  }
}

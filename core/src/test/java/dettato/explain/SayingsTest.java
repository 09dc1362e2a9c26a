package dettato.explain;

import static org.junit.jupiter.api.Assertions.assertEquals;

import dettato.mark.AttemptMarker;
import dettato.mark.Mark;
import dettato.mark.RuleMark;
import dettato.rule.Opportunity;
import dettato.rule.Outcome;
import dettato.rule.Side;
import dettato.sound.Accents;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SayingsTest {
  private static final int MOST_WORDS = 14;

  private final Set<String> wrong = new TreeSet<>();

  /** Every place of every word, left out or put where it is not due: none without its sentence. */
  @ParameterizedTest
  @ValueSource(strings = {"en-GB", "en-US"})
  void everyWayToFailHasASentence(String accent) {
    AttemptMarker marker = new AttemptMarker(Accents.of(accent), Lexicon.shipped());
    for (Word word : Lexicon.shipped().words(accent)) {
      Mark mark = marker.mark(word, word.spelling());
      for (RuleMark rule : mark.rules()) {
        Opportunity at = rule.at();
        if (at.side() == Side.DUE || !at.under().isEmpty()) {
          say(mark, new RuleMark(at, Outcome.UNDER, ""));
        }
        if (!at.over().isEmpty()) {
          say(mark, new RuleMark(at, Outcome.OVER, ""));
        }
      }
    }
    assertEquals(Set.of(), wrong);
  }

  private void say(Mark mark, RuleMark broken) {
    String what = broken.at().condition().id() + "/" + broken.outcome();
    try {
      Telling telling = new Telling(mark);
      telling.tell(broken);
      String says = telling.facts().get(0).says();
      if (says.split(" ").length > MOST_WORDS || says.contains("  ") || says.contains("/")) {
        wrong.add(what + ": " + says);
      }
    } catch (IllegalArgumentException e) {
      wrong.add(what + ": " + e.getMessage());
    }
  }

  /** What an outside reader would not say aloud. */
  @Test
  void theRefusedPhrasesDoNotOccur() {
    List<String> refused =
        List.of("is due", "written:", "known by word", "would make it", "stands right");
    List<String> found =
        Sayings.all().stream().filter(s -> refused.stream().anyMatch(s::contains)).toList();
    assertEquals(List.of(), found);
  }
}

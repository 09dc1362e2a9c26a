package dettato.diagnose;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.rule.Outcome;
import dettato.rule.Side;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class DiagnosisTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 3, 20);
  private static final Diagnosis DIAGNOSIS = new Diagnosis(Settings.USUAL, TODAY);

  @Test
  void oneFailureAmongSuccessesIsASlip() {
    Standing standing = only(evidence("DDDDDx", 1));
    assertEquals(Standing.State.SLIP, standing.state());
    assertEquals(6, standing.opportunities());
    assertEquals(1, standing.failures());
  }

  @Test
  void failuresOnDifferentWordsAreAPattern() {
    Standing standing = only(evidence("xxxD", 1));
    assertEquals(Standing.State.PATTERN, standing.state());
    assertEquals(Standing.Kind.UNDER, standing.kind());
    assertTrue(standing.probability() > 0.9);
  }

  @Test
  void theSameWordFailedAgainAndAgainIsNoPattern() {
    List<Evidence> same = new ArrayList<>();
    for (int day = 1; day <= 6; day++) {
      same.add(piece("badge", day, Side.DUE, Outcome.UNDER));
    }
    assertEquals(Standing.State.SLIP, only(same).state());
  }

  @Test
  void failuresOnBothSidesAreGuessing() {
    Standing standing = only(evidence("xxxxoooo", 1));
    assertEquals(Standing.Kind.MIXED, standing.kind());
    assertEquals(8, standing.failures());
  }

  @Test
  void bothSidesTogetherProveGuessingWhereNeitherAloneWould() {
    assertEquals(Standing.State.SLIP, only(evidence("xxDD", 1)).state());
    assertEquals(Standing.State.SLIP, only(evidence("ooNN", 1)).state());
    Standing guess = only(evidence("xxDDooNN", 1));
    assertEquals(Standing.Kind.MIXED, guess.kind());
    assertEquals(Standing.State.PATTERN, guess.state());
    assertTrue(guess.wouldChange().endsWith("right in a row would clear it"), guess.wouldChange());
  }

  @Test
  void aSlipOnTheOtherSideIsNoGuessing() {
    assertEquals(Standing.Kind.UNDER, only(evidence("xxxxooNNNNNNNNNN", 1)).kind());
  }

  @Test
  void oldEvidenceWeighsLess() {
    List<Evidence> improved = new ArrayList<>(evidence("xxx", 300));
    improved.addAll(evidence("DDDDDD", 1));
    List<Evidence> relapsed = new ArrayList<>(evidence("DDDDDD", 300));
    relapsed.addAll(evidence("xxx", 1));
    assertEquals(Standing.State.SLIP, only(improved).state());
    assertEquals(Standing.State.PATTERN, only(relapsed).state());
  }

  @Test
  void saysItHasNotEnoughBeforeThreeChances() {
    assertEquals(Standing.State.NOT_ENOUGH, only(evidence("DD", 1)).state());
    assertEquals(Standing.State.SECURE, only(evidence("DDD", 1)).state());
  }

  @Test
  void leavesOutWhatCameLaterAndWhatWasNotTested() {
    List<Evidence> evidence =
        List.of(
            piece("badge", -1, Side.DUE, Outcome.UNDER),
            piece("ledge", 1, Side.DUE, Outcome.UNTESTED));
    assertEquals(List.of(), DIAGNOSIS.standings(evidence));
  }

  private static Standing only(List<Evidence> evidence) {
    return DIAGNOSIS.standings(evidence).get(0);
  }

  /** D kept where due, N where not, x left out, o put where not due; each a word of its own. */
  private static List<Evidence> evidence(String outcomes, int daysAgo) {
    List<Evidence> evidence = new ArrayList<>();
    for (int i = 0; i < outcomes.length(); i++) {
      char c = outcomes.charAt(i);
      Side side = "oN".indexOf(c) >= 0 ? Side.NOT_DUE : Side.DUE;
      Outcome outcome =
          "DN".indexOf(c) >= 0 ? Outcome.APPLIED : c == 'x' ? Outcome.UNDER : Outcome.OVER;
      evidence.add(piece("word" + i + outcomes, daysAgo, side, outcome));
    }
    return evidence;
  }

  private static Evidence piece(String word, int daysAgo, Side side, Outcome outcome) {
    return new Evidence(TODAY.minusDays(daysAgo), word, "?", "final-j", "", side, outcome);
  }
}

package dettato.mark;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CertaintyTest {
  @ParameterizedTest(name = "{0} written \"{1}\" leaves no doubt")
  @CsvSource({"badge, badge", "badge, ''", "badge, Badge"})
  void whatIsRightOrBlankIsCertain(String target, String attempt) {
    Certainty certainty = Marking.BRITISH.certainty(Marking.mark(target, attempt));
    assertEquals(1, certainty.confidence());
    assertEquals(List.of(), certainty.rivals());
  }

  @ParameterizedTest(name = "{0} written \"{1}\" is clear")
  @CsvSource({"brick, brik", "lamp, lap", "thin, fin", "cone, con", "coach, coatch"})
  void oneWayToExplainALetterIsNearlyCertain(String target, String attempt) {
    Certainty certainty = Marking.BRITISH.certainty(Marking.mark(target, attempt));
    assertTrue(certainty.confidence() >= 0.9, certainty.toString());
    assertEquals(List.of(), certainty.rivals());
  }

  @ParameterizedTest(name = "{0} written \"{1}\" can be explained twice")
  @CsvSource({"carried, carryed", "leaves, leevs"})
  void closeExplanationsAreKeptAsRivals(String target, String attempt) {
    Mark mark = Marking.mark(target, attempt);
    Certainty certainty = Marking.BRITISH.certainty(mark);
    assertFalse(certainty.rivals().isEmpty());
    assertTrue(certainty.confidence() < 0.9, certainty.toString());
    for (Mark rival : certainty.rivals()) {
      assertNotEquals(mark.units(), rival.units());
      assertTrue(rival.points() >= mark.points(), rival.toString());
      assertEquals(attempt, rival.attempt());
    }
  }

  @Test
  void lettersThatMeanNothingAreNotTrusted() {
    Mark mark = Marking.mark("lighthouse", "asdf");
    assertTrue(mark.noMatch());
    assertTrue(Marking.BRITISH.certainty(mark).confidence() <= 0.3);
  }
}

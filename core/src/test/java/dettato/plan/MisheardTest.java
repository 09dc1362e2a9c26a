package dettato.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;

import dettato.reading.Proposer;
import dettato.sound.Accent;
import dettato.sound.Accents;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MisheardTest {
  private static final Accent BRITISH = Accents.of("en-GB");

  /** By a beginning or an end that many say alike; what is far from any such word may be. */
  @ParameterizedTest(name = "{0} may be taken for an unsuitable word: {1}")
  @CsvSource({"slong, true", "cunge, true", "zadge, false", "smeep, false", "happler, false"})
  void knowsWhatChildrenHear(String letters, boolean unsuitable) {
    assertEquals(
        unsuitable,
        new Misheard(BRITISH)
            .isUnsuitable(Proposer.shipped().propose(letters, BRITISH, 1).get(0).cut()));
  }
}

package dettato.session;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.input.Unacceptable;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PointsTest {
  /** Halves a hundred times over are fifty, and not nearly fifty. */
  @Test
  void totalsAreWhatWasGiven() {
    Points all = Points.total(Collections.nCopies(101, Points.of(0.5, 1))).plus(Points.of(2, 0));
    assertEquals(new Points(105, 202), all);
    assertEquals("52½", Points.said(all.ours()));
    assertEquals(Points.NONE, Points.total(List.of()));
    assertFalse(Points.NONE.areGiven());
    assertTrue(Points.of(0, 0.5).areGiven());
  }

  @ParameterizedTest
  @CsvSource({"0, 0", "1, ½", "2, 1", "3, 1½", "20, 10"})
  void isSaidInHalves(int halves, String said) {
    assertEquals(said, Points.said(halves));
  }

  @ParameterizedTest
  @ValueSource(doubles = {0.25, 0.3, -0.5, 5.5, Double.NaN, Double.POSITIVE_INFINITY})
  void nothingButHalvesIsGiven(double points) {
    assertThrows(Unacceptable.class, () -> Points.of(points, 0));
    assertThrows(Unacceptable.class, () -> Points.of(1, points));
  }
}

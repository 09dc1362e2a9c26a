package dettato.app.tablet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import dettato.app.problem.Problem;
import dettato.app.school.SomeClass;
import dettato.app.session.ChildPapers;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.springframework.context.ApplicationEventPublisher;

/** A code ends, and with it everything that came in by it. */
class HandoutsTest {
  private static final Instant ENDS = Instant.parse("2026-03-04T12:00:00Z");

  private final HandoutRows rows = mock(HandoutRows.class);
  private final SittingRows sittings = mock(SittingRows.class);
  private final ChildPapers papers = mock(ChildPapers.class);

  private Handouts at(Duration fromTheEnd) {
    HandoutRow row = new HandoutRow(9L, "abcdfg", ENDS);
    when(rows.findByCode("abcdfg")).thenReturn(Optional.of(row));
    when(rows.findById(9L)).thenReturn(Optional.of(row));
    when(sittings.findByToken(anyString())).thenReturn(Optional.of(new SittingRow(9L, 3L, "h")));
    when(papers.of(9L))
        .thenReturn(new ChildPapers.Handed(SomeClass.limpet(1, 1), List.of(), List.of()));
    return new Handouts(
        rows,
        sittings,
        papers,
        mock(HandoutBoard.class),
        mock(ApplicationEventPublisher.class),
        Clock.fixed(ENDS.plus(fromTheEnd), ZoneOffset.UTC));
  }

  @Test
  void aCodeIsGoodUntilItEnds() {
    assertEquals("Class Limpet", at(Duration.ofSeconds(-1)).join("abcdfg").className());
    Handouts over = at(Duration.ZERO);
    assertThrows(Problem.class, () -> over.join("abcdfg"));
    assertThrows(Problem.class, () -> over.write("token", 7, "bage"));
    assertThrows(Problem.class, () -> over.sheet("token"));
  }
}

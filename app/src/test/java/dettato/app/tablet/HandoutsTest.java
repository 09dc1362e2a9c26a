package dettato.app.tablet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import dettato.app.account.Role;
import dettato.app.account.Teacher;
import dettato.app.problem.Problem;
import dettato.app.school.Pupil;
import dettato.app.session.ChildPapers;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
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
    when(papers.of(9L)).thenReturn(new ChildPapers.Handed(someClass(), List.of(), List.of()));
    return new Handouts(
        rows,
        sittings,
        papers,
        mock(ApplicationEventPublisher.class),
        Clock.fixed(ENDS.plus(fromTheEnd), ZoneOffset.UTC));
  }

  private static dettato.app.school.SchoolClass someClass() {
    return new dettato.app.school.SchoolClass(
        1,
        "Class Limpet",
        "en-GB",
        1,
        2,
        20,
        "",
        dettato.profile.Choices.USUAL,
        java.util.Map.of(),
        dettato.plan.TeachingSequence.shipped(),
        List.of());
  }

  @Test
  void aCodeIsGoodUntilItEnds() {
    assertEquals("Class Limpet", at(Duration.ofSeconds(-1)).join("abcdfg").className());
    Handouts over = at(Duration.ZERO);
    assertThrows(Problem.class, () -> over.join("abcdfg"));
    assertThrows(Problem.class, () -> over.write("token", 7, "bage"));
    assertThrows(Problem.class, () -> over.sheet("token"));
  }

  /** However many sit at devices, what they have written is counted once for all. */
  @Test
  void whatChildrenHaveWrittenIsCountedOnceForAll() {
    List<Pupil> pupils = IntStream.range(0, 26).mapToObj(i -> new Pupil(i, "Child " + i)).toList();
    Handouts handouts = at(Duration.ofSeconds(-1));
    when(papers.of(9L)).thenReturn(new ChildPapers.Handed(someClass(), pupils, List.of()));
    when(sittings.findBySessionId(9L))
        .thenReturn(pupils.stream().map(p -> new SittingRow(9L, p.id(), "h" + p.id())).toList());
    when(papers.answered(9L)).thenReturn(Map.of(3L, 2, 25L, 7));
    List<Integer> written =
        handouts.view(9L, new Teacher(1, "demo", Role.LEAD)).children().stream()
            .map(Handouts.AtDevice::written)
            .toList();
    assertEquals(26, written.size());
    assertEquals(List.of(2, 0, 7), List.of(written.get(3), written.get(4), written.get(25)));
    verify(papers, times(1)).answered(9L);
    verify(papers, never()).answered(anyLong(), anyLong());
  }
}

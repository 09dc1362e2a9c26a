package dettato.app.finding;

import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import dettato.app.marking.AttemptsAdded;
import dettato.app.school.Classes;
import dettato.app.school.Pupil;
import dettato.app.school.SchoolClass;
import dettato.app.school.SomeClass;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class RecordsAheadTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 5, 4);
  private static final SchoolClass LIMPET =
      SomeClass.limpet(1, 40, new Pupil(7, "Ada"), new Pupil(8, "Ben"));

  private final ChildRecords records = mock();
  private final Classes classes = mock();
  private final List<Runnable> later = new ArrayList<>();
  private final RecordsAhead ahead =
      new RecordsAhead(
          records,
          classes,
          Clock.fixed(Instant.parse("2026-05-04T09:00:00Z"), ZoneOffset.UTC),
          later::add);

  @Test
  void everyChildIsCountedOnceHoweverManyFilesCome() {
    ahead.after(new AttemptsAdded(LIMPET));
    ahead.after(new AttemptsAdded(LIMPET));
    verify(records, never()).one(anyLong(), any(), any());

    later.forEach(Runnable::run);

    verify(records).one(7, LIMPET, TODAY);
    verify(records).one(8, LIMPET, TODAY);
  }

  @Test
  void everyClassIsCountedAfterAStart() {
    when(classes.all()).thenReturn(List.of(LIMPET));

    ahead.makeReady();

    verify(records).one(8, LIMPET, TODAY);
  }
}

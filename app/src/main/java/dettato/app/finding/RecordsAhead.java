package dettato.app.finding;

import dettato.app.engine.Ahead;
import dettato.app.marking.AttemptsAdded;
import dettato.app.school.Classes;
import dettato.app.school.SchoolClass;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import lombok.RequiredArgsConstructor;
import org.springframework.core.task.TaskExecutor;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/** Counts what is known of children before a teacher asks: after a start, and after a file. */
@Component
@RequiredArgsConstructor
class RecordsAhead implements Ahead {
  private final ChildRecords records;
  private final Classes classes;
  private final Clock clock;
  private final TaskExecutor executor;
  private final Set<Long> waiting = ConcurrentHashMap.newKeySet();

  @Override
  public void makeReady() {
    classes.all().forEach(this::count);
  }

  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
  void after(AttemptsAdded added) {
    if (waiting.add(added.of().id())) {
      executor.execute(
          () -> {
            waiting.remove(added.of().id());
            count(added.of());
          });
    }
  }

  private void count(SchoolClass of) {
    LocalDate today = LocalDate.now(clock);
    of.pupils().forEach(p -> records.one(p.id(), of, today));
  }
}

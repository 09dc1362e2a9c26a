package dettato.app.marking;

import dettato.app.engine.OwnWordsChanged;
import dettato.app.outcome.MarkVersions;
import dettato.app.school.AccentChanged;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import lombok.RequiredArgsConstructor;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.task.TaskExecutor;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Marks anew, in the background and a child's chunk at a time, whatever another version of core has
 * marked, or a class that speaks otherwise, or words whose cut the school has changed. The old
 * marks stand meanwhile; what is left when the application ends goes on at the next start, since
 * the marks themselves say which they are. One that cannot be made is set aside and told; the
 * others go on, and the next version tries it again. Overrides are facts, and stay.
 */
@Component
@RequiredArgsConstructor
class Remarker {
  private static final Logger LOG = LoggerFactory.getLogger(Remarker.class);
  private static final int CHUNK = 200;

  private final AttemptRows attempts;
  private final MarkStore marks;
  private final ChildLock lock;
  private final MarkVersions versions;
  private final TransactionTemplate transactions;
  private final TaskExecutor executor;
  private final AtomicBoolean running = new AtomicBoolean();
  private volatile int total;

  /**
   * How far it is.
   *
   * @param left attempts whose marks are older than the core
   * @param total how many there were when it began
   * @param aside attempts that could not be marked by this core; their old marks stand
   */
  record Progress(boolean running, int left, int total, int aside) {}

  Progress progress() {
    int left = left();
    return new Progress(running.get(), left, Math.max(total, left), versions.aside());
  }

  @EventListener(ApplicationReadyEvent.class)
  void beginAfterStart() {
    versions.tryAgain(MarkStore.VERSION);
    begin();
  }

  void begin() {
    executor.execute(this::run);
  }

  @EventListener
  void note(OwnWordsChanged changed) {
    versions.staleOfWords(changed.spellings());
  }

  @EventListener
  void note(AccentChanged changed) {
    versions.staleOfClass(changed.classId());
  }

  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
  void begin(OwnWordsChanged changed) {
    begin();
  }

  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
  void begin(AccentChanged changed) {
    begin();
  }

  private int left() {
    return versions.others(MarkStore.VERSION);
  }

  private void run() {
    do {
      if (!running.compareAndSet(false, true)) {
        return;
      }
      try {
        total = left();
        int done = 0;
        for (int some = chunk(); some > 0; some = chunk()) {
          done += some;
        }
        if (done > 0) {
          LOG.info("{} attempts marked anew", done);
        }
      } finally {
        running.set(false);
      }
    } while (left() > 0);
  }

  /** Marks some attempts anew, and says how many; 0 when there are none left. */
  private int chunk() {
    List<Long> next = versions.someOthers(MarkStore.VERSION, CHUNK);
    try {
      anew(next);
    } catch (RuntimeException oneOfThem) {
      next.forEach(this::anewOrAside);
    }
    return next.size();
  }

  private void anew(List<Long> ids) {
    transactions.executeWithoutResult(
        status -> {
          lock.hold(attempts.pupilsOf(ids));
          marks.keepAnew(attempts.findAllById(ids));
        });
  }

  private void anewOrAside(long id) {
    try {
      anew(List.of(id));
    } catch (RuntimeException wrong) {
      LOG.error("Attempt {} could not be marked anew; its old mark stands", id, wrong);
      versions.setAside(id, MarkStore.VERSION);
    }
  }
}

package dettato.app.marking;

import dettato.app.language.OwnWordsChanged;
import dettato.app.school.AccentChanged;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.task.TaskExecutor;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Marks anew, in the background and a child's chunk at a time, whatever another version of core has
 * marked, or a class that speaks otherwise, or words whose cut the school has changed. The old
 * marks stand meanwhile; what is left when the application ends goes on at the next start, since
 * the marks themselves say which they are. Overrides are facts, and stay.
 */
@Component
class Remarker {
  private static final Logger LOG = LoggerFactory.getLogger(Remarker.class);
  private static final int CHUNK = 500;

  private final AttemptRows attempts;
  private final MarkStore marks;
  private final ChildLock lock;
  private final JdbcTemplate jdbc;
  private final TransactionTemplate transactions;
  private final TaskExecutor executor;
  private final AtomicBoolean running = new AtomicBoolean();
  private volatile int total;

  Remarker(
      AttemptRows attempts,
      MarkStore marks,
      ChildLock lock,
      JdbcTemplate jdbc,
      TransactionTemplate transactions,
      TaskExecutor executor) {
    this.attempts = attempts;
    this.marks = marks;
    this.lock = lock;
    this.jdbc = jdbc;
    this.transactions = transactions;
    this.executor = executor;
  }

  /**
   * How far it is.
   *
   * @param left attempts whose marks are older than the core
   * @param total how many there were when it began
   */
  record Progress(boolean running, int left, int total) {}

  Progress progress() {
    int left = left();
    return new Progress(running.get(), left, Math.max(total, left));
  }

  @EventListener(ApplicationReadyEvent.class)
  void begin() {
    executor.execute(this::run);
  }

  @EventListener
  void note(OwnWordsChanged changed) {
    marks.staleOfWords(changed.spellings());
  }

  @EventListener
  void note(AccentChanged changed) {
    marks.staleOfClass(changed.classId());
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
    Integer count =
        jdbc.queryForObject(
            "select count(*) from mark where version <> ?", Integer.class, MarkStore.VERSION);
    return count == null ? 0 : count;
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

  /** Some stale attempts of one child; 0 when there are none left. */
  private int chunk() {
    Integer count =
        transactions.execute(
            status -> {
              List<Long> next =
                  jdbc.queryForList(
                      "select a.pupil_id from mark m join attempt a on a.id = m.attempt_id"
                          + " where m.version <> ? order by a.pupil_id fetch first 1 rows only",
                      Long.class,
                      MarkStore.VERSION);
              if (next.isEmpty()) {
                return 0;
              }
              lock.hold(next);
              List<Long> stale =
                  jdbc.queryForList(
                      "select a.id from attempt a join mark m on m.attempt_id = a.id"
                          + " where a.pupil_id = ? and m.version <> ? order by a.id"
                          + " fetch first "
                          + CHUNK
                          + " rows only",
                      Long.class,
                      next.get(0),
                      MarkStore.VERSION);
              marks.keepAnew(attempts.findAllById(stale));
              return Math.max(1, stale.size());
            });
    return count == null ? 0 : count;
  }
}

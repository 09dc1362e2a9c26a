package dettato.app.tablet;

import dettato.app.account.Teacher;
import dettato.app.problem.Problem;
import dettato.app.session.ChildPapers;
import jakarta.annotation.PreDestroy;
import jakarta.servlet.http.HttpSession;
import jakarta.servlet.http.HttpSessionBindingEvent;
import jakarta.servlet.http.HttpSessionBindingListener;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Pages that wait for what is written on devices; told, in order, when it is on disk. A page is
 * told no longer than its login lasts and its teacher has the session.
 */
@Component
class Listeners {
  /** A page asks again when this is over. */
  private static final long OPEN_FOR = Duration.ofMinutes(30).toMillis();

  /** A line that lags further behind ends; its page reads all papers when it listens again. */
  private static final int MOST_WAITING = 500;

  private final Map<Long, List<Listener>> waiting = new ConcurrentHashMap<>();
  private final ChildPapers papers;

  /** A line that hangs holds up no other: it costs a thread, until its time is over. */
  private final ExecutorService tellers =
      Executors.newCachedThreadPool(
          work -> {
            Thread thread = new Thread(work, "listeners");
            thread.setDaemon(true);
            return thread;
          });

  Listeners(ChildPapers papers) {
    this.papers = papers;
  }

  /** A page that listens, and whose it is; it hears of two writes in the order they were kept. */
  private static final class Listener {
    private final Teacher teacher;
    private final SseEmitter line;
    private final AtomicInteger waiting = new AtomicInteger();
    private CompletableFuture<Void> last = CompletableFuture.completedFuture(null);

    Listener(Teacher teacher, SseEmitter line) {
      this.teacher = teacher;
      this.line = line;
    }

    /** In its turn on this line, and on no other's time. */
    synchronized void then(Runnable work, Executor on) {
      if (waiting.incrementAndGet() > MOST_WAITING) {
        line.complete();
        return;
      }
      last =
          last.thenRunAsync(
              () -> {
                waiting.decrementAndGet();
                work.run();
              },
              on);
    }

    void send(SseEmitter.SseEventBuilder event) {
      try {
        line.send(event);
      } catch (IOException | IllegalStateException gone) {
        line.completeWithError(gone);
      }
    }
  }

  /** Kept in a login; when that ends, the line does. */
  private record EndsWithLogin(SseEmitter line) implements HttpSessionBindingListener {
    @Override
    public void valueUnbound(HttpSessionBindingEvent ended) {
      line.complete();
    }
  }

  /**
   * Tells a page from now on.
   *
   * @param login that ends it
   */
  SseEmitter to(long session, Teacher teacher, HttpSession login) {
    return to(session, teacher, login, new SseEmitter(OPEN_FOR));
  }

  SseEmitter to(long session, Teacher teacher, HttpSession login, SseEmitter line) {
    Listener one = new Listener(teacher, line);
    List<Listener> all = waiting.computeIfAbsent(session, s -> new CopyOnWriteArrayList<>());
    String kept = Listeners.class.getName() + UUID.randomUUID();
    login.setAttribute(kept, new EndsWithLogin(line));
    Runnable leave =
        () -> {
          all.remove(one);
          forget(login, kept);
        };
    line.onCompletion(leave);
    line.onTimeout(line::complete);
    line.onError(e -> leave.run());
    all.add(one);
    one.send(SseEmitter.event().name("here").data("{}", MediaType.APPLICATION_JSON));
    return line;
  }

  private static void forget(HttpSession login, String kept) {
    try {
      login.removeAttribute(kept);
    } catch (IllegalStateException ended) {
      // The login has ended, and with it what it kept.
    }
  }

  /** The child who wrote does not wait for the teachers' browsers. */
  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
  void tell(Handouts.WrittenOnTablet written) {
    for (Listener one : waiting.getOrDefault(written.session(), List.of())) {
      one.then(() -> tell(one, written), tellers);
    }
  }

  private void tell(Listener one, Handouts.WrittenOnTablet written) {
    if (mayStill(one.teacher, written.session())) {
      one.send(SseEmitter.event().name("cell").data(written.cell(), MediaType.APPLICATION_JSON));
    } else {
      one.line.complete();
    }
  }

  private boolean mayStill(Teacher teacher, long session) {
    try {
      papers.mustBeTheirs(session, teacher);
      return true;
    } catch (Problem taken) {
      return false;
    }
  }

  @PreDestroy
  void close() {
    tellers.shutdownNow();
  }
}

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
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
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

  private final Map<Long, List<Listener>> waiting = new ConcurrentHashMap<>();
  private final ChildPapers papers;

  /** One, so that a page hears of two writes in the order in which they were kept. */
  private final ExecutorService teller =
      Executors.newSingleThreadExecutor(
          work -> {
            Thread thread = new Thread(work, "listeners");
            thread.setDaemon(true);
            return thread;
          });

  Listeners(ChildPapers papers) {
    this.papers = papers;
  }

  /** A page that listens, and whose it is. */
  private record Listener(Teacher teacher, SseEmitter line) {
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
    SseEmitter line = new SseEmitter(OPEN_FOR);
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
    if (waiting.containsKey(written.session())) {
      teller.execute(() -> tellAll(written));
    }
  }

  private void tellAll(Handouts.WrittenOnTablet written) {
    for (Listener one : waiting.getOrDefault(written.session(), List.of())) {
      if (mayStill(one.teacher, written.session())) {
        one.send(SseEmitter.event().name("cell").data(written.cell(), MediaType.APPLICATION_JSON));
      } else {
        one.line.complete();
      }
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
    teller.shutdownNow();
  }
}

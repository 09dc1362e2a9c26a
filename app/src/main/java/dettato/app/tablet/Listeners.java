package dettato.app.tablet;

import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Pages that wait for what is written on devices; told when it is on disk. */
@Component
class Listeners {
  /** A page asks again when this is over. */
  private static final long OPEN_FOR = Duration.ofMinutes(30).toMillis();

  private final Map<Long, List<SseEmitter>> waiting = new ConcurrentHashMap<>();

  SseEmitter to(long session) {
    SseEmitter one = new SseEmitter(OPEN_FOR);
    List<SseEmitter> all = waiting.computeIfAbsent(session, s -> new CopyOnWriteArrayList<>());
    one.onCompletion(() -> all.remove(one));
    one.onTimeout(one::complete);
    one.onError(e -> all.remove(one));
    all.add(one);
    send(one, SseEmitter.event().name("here").data("{}", MediaType.APPLICATION_JSON));
    return one;
  }

  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
  void tell(Handouts.WrittenOnTablet written) {
    for (SseEmitter one : waiting.getOrDefault(written.session(), List.of())) {
      send(one, SseEmitter.event().name("cell").data(written.cell(), MediaType.APPLICATION_JSON));
    }
  }

  private static void send(SseEmitter to, SseEmitter.SseEventBuilder event) {
    try {
      to.send(event);
    } catch (IOException | IllegalStateException gone) {
      to.completeWithError(gone);
    }
  }
}

package dettato.app.print;

import dettato.profile.Terms;
import java.time.Clock;
import java.time.LocalDate;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.task.TaskExecutor;
import org.springframework.stereotype.Component;

/** Sets one page after a start and keeps none, so that no teacher waits for the first. */
@Component
class FirstPage {
  private final Pdf pdf;
  private final Clock clock;
  private final TaskExecutor executor;

  FirstPage(Pdf pdf, Clock clock, TaskExecutor executor) {
    this.pdf = pdf;
    this.clock = clock;
    this.executor = executor;
  }

  @EventListener(ApplicationReadyEvent.class)
  void afterStart() {
    Look look = new Look(Look.Size.A4, Look.Type.USUAL, false, false);
    Html body = new Html(Terms.OURS);
    body.line("h1", "", "Dettato").line("p", "day", "ready");
    executor.execute(() -> pdf.of("Dettato", look, LocalDate.now(clock), body));
  }
}

package dettato.app.print;

import dettato.app.engine.Ahead;
import dettato.profile.Wording;
import java.time.Clock;
import java.time.LocalDate;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;

/** Sets one page after a start and keeps none, so that no teacher waits for the first. */
@Component
@RequiredArgsConstructor
class FirstPage implements Ahead {
  private final Pdf pdf;
  private final Clock clock;

  @Override
  public void makeReady() {
    Look look = new Look(Look.Size.A4, Look.Type.USUAL, false, false);
    Html body = new Html(Wording.OURS);
    body.line("h1", "", "Dettato").line("p", "day", "ready");
    pdf.of("Dettato", look, LocalDate.now(clock), body);
  }
}

package dettato.app.marking;

import dettato.app.engine.Ahead;
import dettato.app.engine.Engines;
import dettato.sound.Accents;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;

/** Marks some words beside the first requests, so that the first file is no slower than others. */
@Component
@RequiredArgsConstructor
class WarmMarks implements Ahead {
  private final MarkStore marks;
  private final Engines engines;

  @Override
  public void makeReady() {
    marks.warmUp(engines.of(Accents.SOUTHERN_BRITISH));
  }
}

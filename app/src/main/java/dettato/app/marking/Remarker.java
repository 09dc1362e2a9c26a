package dettato.app.marking;

import dettato.app.school.Classes;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** At the start, marks anew whatever an older version of the core has marked. */
@Component
class Remarker {
  private static final Logger LOG = LoggerFactory.getLogger(Remarker.class);
  private final Attempts attempts;
  private final Classes classes;

  Remarker(Attempts attempts, Classes classes) {
    this.attempts = attempts;
    this.classes = classes;
  }

  @EventListener(ApplicationReadyEvent.class)
  void remark() {
    int marked = attempts.remarkOld(classes::accentOf);
    if (marked > 0) {
      LOG.info("{} attempts marked anew", marked);
    }
  }
}

package dettato.app.marking;

import dettato.app.language.OwnWordsChanged;
import dettato.app.school.Classes;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Marks anew whatever an older version of the core has marked, at the start, and attempts at words
 * whose cut the school has changed. Overrides are facts, and stay.
 */
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

  @EventListener
  void remark(OwnWordsChanged changed) {
    attempts.remark(changed.spellings(), classes::accentOf);
  }
}

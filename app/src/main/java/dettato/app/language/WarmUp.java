package dettato.app.language;

import dettato.sound.Accents;
import dettato.word.Lexicon;
import dettato.word.Proposer;
import jakarta.annotation.PostConstruct;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Loads the lexicon as the application starts, and makes search ready behind the first page. */
@Component
class WarmUp {
  private static final Logger LOG = LoggerFactory.getLogger(WarmUp.class);
  private final Languages languages;

  WarmUp(Languages languages) {
    this.languages = languages;
  }

  @PostConstruct
  void load() {
    long start = System.nanoTime();
    int words = Lexicon.shipped().words(Accents.SOUTHERN_BRITISH).size();
    LOG.info("Lexicon of {} words loaded in {} ms", words, millisSince(start));
  }

  @EventListener(ApplicationReadyEvent.class)
  void prepareSearch() {
    Thread thread =
        new Thread(
            () -> {
              long start = System.nanoTime();
              languages.of(Accents.SOUTHERN_BRITISH).sounds();
              Proposer.shipped();
              LOG.info("Search ready in {} ms", millisSince(start));
            },
            "warm-up");
    thread.setDaemon(true);
    thread.start();
  }

  private static long millisSince(long start) {
    return (System.nanoTime() - start) / 1_000_000;
  }
}

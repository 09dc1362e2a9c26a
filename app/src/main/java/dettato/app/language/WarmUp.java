package dettato.app.language;

import dettato.rule.RuleBook;
import dettato.sound.Accents;
import dettato.word.Lexicon;
import dettato.word.Proposer;
import jakarta.annotation.PostConstruct;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.task.TaskExecutor;
import org.springframework.stereotype.Component;

/** Loads the lexicon as the application starts, and makes search ready behind the first page. */
@Component
class WarmUp {
  private static final Logger LOG = LoggerFactory.getLogger(WarmUp.class);
  private final Languages languages;
  private final TaskExecutor executor;

  WarmUp(Languages languages, TaskExecutor executor) {
    this.languages = languages;
    this.executor = executor;
  }

  @PostConstruct
  void load() {
    long start = System.nanoTime();
    int words = Lexicon.shipped().words(Accents.SOUTHERN_BRITISH).size();
    LOG.info("Lexicon of {} words loaded in {} ms", words, millisSince(start));
  }

  @EventListener(ApplicationReadyEvent.class)
  void prepareSearch() {
    executor.execute(
        () -> {
          long start = System.nanoTime();
          languages.of(Accents.SOUTHERN_BRITISH).sounds();
          languages.of(Accents.SOUTHERN_BRITISH).figures(RuleBook.RULES.get(0).id());
          Proposer.shipped();
          LOG.info("Search ready in {} ms", millisSince(start));
        });
  }

  private static long millisSince(long start) {
    return (System.nanoTime() - start) / 1_000_000;
  }
}

package dettato.app.engine;

import dettato.reading.Reader;
import dettato.rule.RuleBook;
import dettato.sound.Accents;
import dettato.word.Lexicon;
import jakarta.annotation.PostConstruct;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.task.TaskExecutor;
import org.springframework.stereotype.Component;
import org.springframework.util.ClassUtils;

/** Loads the lexicon as the application starts, and makes the rest ready behind the first page. */
@Component
@RequiredArgsConstructor
class Warmer {
  private static final Logger LOG = LoggerFactory.getLogger(Warmer.class);

  private final Engines engines;
  private final List<Ahead> ahead;
  private final TaskExecutor executor;

  @PostConstruct
  void load() {
    timed("Lexicon", () -> Lexicon.shipped().words(Accents.SOUTHERN_BRITISH));
  }

  /** One after the other, so that a page asked for meanwhile finds the machine free. */
  @EventListener(ApplicationReadyEvent.class)
  void warm() {
    executor.execute(
        () -> {
          timed("Search", this::makeSearchReady);
          ahead.forEach(a -> timed(ClassUtils.getUserClass(a).getSimpleName(), a::makeReady));
        });
  }

  private void makeSearchReady() {
    engines.of(Accents.SOUTHERN_BRITISH).sounds();
    engines.of(Accents.SOUTHERN_BRITISH).figures(RuleBook.RULES.get(0).id());
    Reader.shipped();
  }

  private static void timed(String what, Runnable made) {
    long start = System.nanoTime();
    try {
      made.run();
      LOG.info("{} ready in {} ms", what, (System.nanoTime() - start) / 1_000_000);
    } catch (RuntimeException e) {
      LOG.warn("{} could not be made ready; it is made when it is asked for", what, e);
    }
  }
}

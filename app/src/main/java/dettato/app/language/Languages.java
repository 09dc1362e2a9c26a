package dettato.app.language;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import dettato.activity.Activities;
import dettato.app.school.OpenClass;
import dettato.app.school.SchoolClass;
import dettato.find.WordIndex;
import dettato.plan.TeachingSequence;
import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.word.Lexicon;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Function;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * The core for each accent, made when first asked for. Each is made of the own words of one
 * edition; a change that is on disk begins the next, so what was made of older words is never asked
 * for again, however late its maker finishes. It is let go of at once: a language with all that is
 * made of it takes some twenty megabytes.
 */
@Component
public class Languages {
  private static final int KEPT = 8;

  private final Activities kinds;
  private final OwnWords own;
  private final OpenClass open;
  private final AtomicLong edition = new AtomicLong();
  private final Cache<Edition, Language> made = Caffeine.newBuilder().maximumSize(KEPT).build();
  private final Cache<String, WordIndex> indexes = Caffeine.newBuilder().maximumSize(KEPT).build();

  /**
   * @param own a class's own order; empty for ours, whose steps are not compared with every request
   */
  private record Edition(String accent, long number, Optional<TeachingSequence> own) {}

  Languages(Activities kinds, OwnWords own, OpenClass open) {
    this.kinds = kinds;
    this.own = own;
    this.open = open;
  }

  /**
   * @throws dettato.input.Unacceptable when the accent is unknown
   */
  public Language of(String accent) {
    Accent spoken = Accents.of(accent);
    return made(
        new Edition(spoken.id(), edition.get(), Optional.empty()),
        e -> new Language(kinds, spoken, own.all(), () -> index(spoken)));
  }

  /** One that was made while its edition ended serves whoever asked for it, and is not kept. */
  private Language made(Edition wanted, Function<Edition, Language> maker) {
    Language language = made.get(wanted, maker);
    if (wanted.number < edition.get()) {
      made.invalidate(wanted);
    }
    return language;
  }

  /** The language of a class, taught in its own order. */
  public Language of(SchoolClass of) {
    Language shared = of(of.accent());
    return of.sequence().equals(shared.sequence())
        ? shared
        : made(
            new Edition(shared.accent().id(), edition.get(), Optional.of(of.sequence())),
            e -> shared.by(of.sequence()));
  }

  /**
   * The language of the class whose pages are open, where the request names one of this accent.
   *
   * @throws dettato.input.Unacceptable when the accent is unknown
   */
  public Language asked(String accent) {
    Language shared = of(accent);
    return open.now()
        .filter(c -> c.accent().equals(shared.accent().id()))
        .map(this::of)
        .orElse(shared);
  }

  @Order(Ordered.HIGHEST_PRECEDENCE)
  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
  void begin(OwnWordsChanged changed) {
    long now = edition.incrementAndGet();
    made.asMap().keySet().removeIf(e -> e.number < now);
  }

  private WordIndex index(Accent accent) {
    return indexes.get(
        accent.id(), id -> new WordIndex(Lexicon.shipped(), accent, TeachingSequence.shipped()));
  }
}

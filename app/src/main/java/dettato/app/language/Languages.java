package dettato.app.language;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import dettato.find.WordIndex;
import dettato.plan.TeachingSequence;
import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.word.Lexicon;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * The core for each accent, made when first asked for. Each is made of the own words of one
 * edition; a change that is on disk begins the next, so what was made of older words is never asked
 * for again, however late its maker finishes.
 */
@Component
public class Languages {
  private static final int KEPT = 12;

  private final OwnWords own;
  private final AtomicLong edition = new AtomicLong();
  private final Cache<Edition, Language> made = Caffeine.newBuilder().maximumSize(KEPT).build();
  private final Cache<String, WordIndex> indexes = Caffeine.newBuilder().maximumSize(KEPT).build();

  private record Edition(String accent, long number) {}

  Languages(OwnWords own) {
    this.own = own;
  }

  /**
   * @throws dettato.input.Unacceptable when the accent is unknown
   */
  public Language of(String accent) {
    Accent spoken = Accents.of(accent);
    return made.get(
        new Edition(spoken.id(), edition.get()),
        e -> new Language(spoken, own.all(), () -> index(spoken)));
  }

  @Order(Ordered.HIGHEST_PRECEDENCE)
  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
  void begin(OwnWordsChanged changed) {
    edition.incrementAndGet();
  }

  private WordIndex index(Accent accent) {
    return indexes.get(
        accent.id(), id -> new WordIndex(Lexicon.shipped(), accent, TeachingSequence.shipped()));
  }
}

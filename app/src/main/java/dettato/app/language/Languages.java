package dettato.app.language;

import dettato.find.WordIndex;
import dettato.plan.TeachingSequence;
import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.word.Lexicon;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/** The core for each accent, made when first asked for, and anew when own words change. */
@Component
public class Languages {
  private final OwnWords own;
  private final Map<String, Language> made = new ConcurrentHashMap<>();
  private final Map<String, Supplier<WordIndex>> indexes = new ConcurrentHashMap<>();

  Languages(OwnWords own) {
    this.own = own;
  }

  /**
   * @throws IllegalArgumentException when the accent is unknown
   */
  public Language of(String accent) {
    Accent spoken = Accents.of(accent);
    Language known = made.get(spoken.id());
    if (known != null) {
      return known;
    }
    Language fresh = new Language(spoken, own.all(), index(spoken));
    made.put(spoken.id(), fresh);
    return fresh;
  }

  /** What was made with the old words is forgotten before others hear of the change. */
  @Order(Ordered.HIGHEST_PRECEDENCE)
  @EventListener
  void forget(OwnWordsChanged changed) {
    made.clear();
  }

  /** And once more when the change is on disk, or given up, for whoever asked in between. */
  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMPLETION)
  void forgetAgain(OwnWordsChanged changed) {
    made.clear();
  }

  private Supplier<WordIndex> index(Accent accent) {
    return indexes.computeIfAbsent(
        accent.id(),
        id -> Once.of(() -> new WordIndex(Lexicon.shipped(), accent, TeachingSequence.shipped())));
  }
}

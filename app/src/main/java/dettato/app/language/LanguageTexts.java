package dettato.app.language;

import dettato.find.Chains;
import dettato.find.MinimalPairs;
import dettato.find.Neighbours;
import dettato.text.Hunts;
import dettato.text.Passage;
import dettato.text.Phrases;
import dettato.text.SentenceReader;
import dettato.text.TextCheck;
import dettato.word.Homophones;
import java.util.function.Supplier;
import org.springframework.util.function.SingletonSupplier;

/**
 * What a language knows of sentences, texts, chains and pairs, each made when it is first asked
 * for. It belongs to its language and is kept nowhere else, so both go together.
 */
public final class LanguageTexts {
  private final Language language;
  private final Supplier<TextCheck> check;
  private final Supplier<Hunts> hunts;
  private final Supplier<Neighbours> neighbours;
  private final Supplier<Chains> chains;

  LanguageTexts(Language language) {
    this.language = language;
    this.hunts = SingletonSupplier.of(() -> new Hunts(reader(), Passage.shipped()));
    this.check =
        SingletonSupplier.of(
            () ->
                new TextCheck(
                    reader(),
                    language.accent(),
                    language.sequence(),
                    new Homophones(language.words(), language.accent())));
    this.neighbours =
        SingletonSupplier.of(
            () -> new Neighbours(language.words(), language.accent(), language.sequence()));
    this.chains = SingletonSupplier.of(() -> new Chains(neighbours.get()));
  }

  private SentenceReader reader() {
    return new SentenceReader(language.lexicon(), language.accent(), language.sequence());
  }

  /** What would mend a text. */
  public TextCheck check() {
    return check.get();
  }

  /** Hunts through our texts. */
  public Hunts hunts() {
    return hunts.get();
  }

  public Phrases phrases() {
    return new Phrases(language.lexicon(), language.accent());
  }

  /** Words that are one sound apart. */
  Neighbours neighbours() {
    return neighbours.get();
  }

  public Chains chains() {
    return chains.get();
  }

  public MinimalPairs pairs() {
    return new MinimalPairs(neighbours.get(), language.accent());
  }
}

package dettato.app.text;

import dettato.app.language.Language;
import dettato.app.language.Languages;
import dettato.find.Chains;
import dettato.find.MinimalPairs;
import dettato.find.Neighbours;
import dettato.plan.TeachingSequence;
import dettato.text.Hunts;
import dettato.text.SentenceBank;
import dettato.text.SentenceReader;
import dettato.text.TextCheck;
import dettato.word.Homophones;
import java.util.Map;
import java.util.WeakHashMap;
import org.springframework.stereotype.Component;
import org.springframework.util.function.SingletonSupplier;

/** What is made of a language for sentences and chains, each when it is first asked for. */
@Component
class TextLanguages {
  private final Languages languages;

  /** A language is made anew when the school's own words change; what was made of it goes too. */
  private final Map<Language, Made> made = new WeakHashMap<>();

  TextLanguages(Languages languages) {
    this.languages = languages;
  }

  /** What was made of one language. */
  static final class Made {
    private final SingletonSupplier<SentenceBank> bank;
    private final SingletonSupplier<TextCheck> check;
    private final Hunts hunts;
    private final SingletonSupplier<Neighbours> neighbours;
    private final Language language;

    private Made(Language language) {
      this.language = language;
      TeachingSequence sequence = TeachingSequence.shipped();
      SentenceReader reader = new SentenceReader(language.lexicon(), language.accent(), sequence);
      this.hunts = new Hunts(reader);
      this.bank =
          SingletonSupplier.of(
              () -> new SentenceBank(language.lexicon(), language.accent(), sequence));
      this.check =
          SingletonSupplier.of(
              () ->
                  new TextCheck(
                      reader,
                      language.accent(),
                      sequence,
                      new Homophones(language.words(), language.accent())));
      this.neighbours =
          SingletonSupplier.of(() -> new Neighbours(language.words(), language.accent(), sequence));
    }

    SentenceBank bank() {
      return bank.obtain();
    }

    TextCheck check() {
      return check.obtain();
    }

    Hunts hunts() {
      return hunts;
    }

    Chains chains() {
      return new Chains(neighbours.obtain());
    }

    MinimalPairs pairs() {
      return new MinimalPairs(neighbours.obtain(), language.accent());
    }
  }

  synchronized Made of(String accent) {
    Language language = languages.of(accent);
    Made known = made.get(language);
    if (known == null) {
      known = new Made(language);
      made.put(language, known);
    }
    return known;
  }
}

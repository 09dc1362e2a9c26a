package dettato.app.text;

import dettato.app.language.Language;
import dettato.app.language.Languages;
import dettato.find.Chains;
import dettato.find.MinimalPairs;
import dettato.find.Neighbours;
import dettato.plan.TeachingSequence;
import dettato.text.Hunts;
import dettato.text.Passage;
import dettato.text.Phrases;
import dettato.text.Sentence;
import dettato.text.SentenceBank;
import dettato.text.SentenceReader;
import dettato.text.TextCheck;
import dettato.word.Homophones;
import java.util.List;
import java.util.Map;
import java.util.WeakHashMap;
import org.springframework.stereotype.Component;
import org.springframework.util.function.SingletonSupplier;

/** What is made of a language for sentences and chains, each when it is first asked for. */
@Component
class TextLanguages {
  private final Languages languages;
  private final OwnTexts own;

  /** A language is made anew when the school's own words change; what was made of it goes too. */
  private final Map<Language, Made> made = new WeakHashMap<>();

  TextLanguages(Languages languages, OwnTexts own) {
    this.languages = languages;
    this.own = own;
  }

  /** What was made of one language. */
  static final class Made {
    private final SingletonSupplier<TextCheck> check;
    private final SingletonSupplier<Hunts> hunts;
    private final SingletonSupplier<Neighbours> neighbours;
    private final SingletonSupplier<Chains> chains;
    private final Language language;

    private Made(Language language) {
      this.language = language;
      TeachingSequence sequence = language.sequence();
      SentenceReader reader = new SentenceReader(language.lexicon(), language.accent(), sequence);
      this.hunts = SingletonSupplier.of(() -> new Hunts(reader, Passage.shipped()));
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
      this.chains = SingletonSupplier.of(() -> new Chains(neighbours.obtain()));
    }

    /** Ours and the school's own. */
    SentenceBank bank(List<OwnText> own) {
      List<Sentence> sentences =
          own.stream().filter(OwnText::isSentence).map(t -> new Sentence(t.text())).toList();
      return sentences.isEmpty() ? language.bank() : language.bank().with(sentences);
    }

    /** The last step, after which all is taught. */
    int last() {
      return language.sequence().last();
    }

    TextCheck check() {
      return check.obtain();
    }

    /** Through our texts and the school's own. */
    Hunts hunts(List<OwnText> own) {
      return hunts
          .obtain()
          .with(
              own.stream()
                  .filter(t -> !t.isSentence())
                  .map(t -> new Passage(t.title(), t.text(), List.of()))
                  .toList());
    }

    Phrases phrases() {
      return new Phrases(language.lexicon(), language.accent());
    }

    Chains chains() {
      return chains.obtain();
    }

    MinimalPairs pairs() {
      return new MinimalPairs(neighbours.obtain(), language.accent());
    }
  }

  /** What the school has written itself, as it is now. */
  List<OwnText> own() {
    return own.all();
  }

  /** In the order of the class whose pages are open, where there is one of this accent. */
  Made asked(String accent) {
    return of(languages.asked(accent));
  }

  synchronized Made of(Language language) {
    Made known = made.get(language);
    if (known == null) {
      known = new Made(language);
      made.put(language, known);
    }
    return known;
  }
}

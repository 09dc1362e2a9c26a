package dettato.app.text;

import dettato.app.language.Language;
import dettato.app.language.Languages;
import dettato.find.Chains;
import dettato.find.MinimalPairs;
import dettato.text.Hunts;
import dettato.text.Passage;
import dettato.text.Phrases;
import dettato.text.Sentence;
import dettato.text.SentenceBank;
import dettato.text.TextCheck;
import java.util.List;
import org.springframework.stereotype.Component;

/** Sentences, texts and chains of a language, with what the school has written itself. */
@Component
class TextLanguages {
  private final Languages languages;
  private final OwnTexts own;

  TextLanguages(Languages languages, OwnTexts own) {
    this.languages = languages;
    this.own = own;
  }

  /** Our texts and the school's, in one language. */
  record Made(Language language) {
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
      return language.texts().check();
    }

    /** Through our texts and the school's own. */
    Hunts hunts(List<OwnText> own) {
      return language
          .texts()
          .hunts()
          .with(
              own.stream()
                  .filter(t -> !t.isSentence())
                  .map(t -> new Passage(t.title(), t.text(), List.of()))
                  .toList());
    }

    Phrases phrases() {
      return language.texts().phrases();
    }

    Chains chains() {
      return language.texts().chains();
    }

    MinimalPairs pairs() {
      return language.texts().pairs();
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

  Made of(Language language) {
    return new Made(language);
  }
}

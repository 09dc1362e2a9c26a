package dettato.app.notation;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import dettato.app.language.Language;
import dettato.app.language.Languages;
import dettato.app.school.SchoolClass;
import dettato.notation.Chunks;
import dettato.notation.Drawing;
import dettato.notation.Meaning;
import dettato.notation.Notation;
import dettato.notation.Shape;
import dettato.notation.Signs;
import dettato.text.Phrases;
import dettato.text.Sentence;
import dettato.word.Word;
import java.util.List;
import org.springframework.stereotype.Component;

/** Draws words and sentences with the marks of a class. */
@Component
public class ClassMarks {
  private static final int KEPT = 50;

  private final Languages languages;
  private final Cache<Taught, Chunks> chunks = Caffeine.newBuilder().maximumSize(KEPT).build();

  private record Taught(String accent, List<String> chunks) {}

  ClassMarks(Languages languages) {
    this.languages = languages;
  }

  /** What marks are drawn by: an accent, its notation, the chunks that are taught. */
  public record Hand(Language language, Notation notation, Signs signs) {

    /**
     * A word with its marks.
     *
     * @param focus the unit that is drawn stronger, -1 for none
     */
    public Drawing word(Word word, int focus) {
      return Drawing.of(word, signs.on(word, focus));
    }

    /** A sentence, phrase by phrase. */
    public List<Drawing> sentence(String text) {
      List<Shape> shapes = notation.of(Meaning.PHRASE).stream().toList();
      return new Phrases(language.lexicon(), language.accent())
          .of(new Sentence(text)).stream().map(p -> Drawing.phrase(p, shapes)).toList();
    }
  }

  /** The same for words to know by heart, whose odd part is ringed where they are sounded. */
  public Hand byHeart(SchoolClass of) {
    return of(of.accent(), of.choices().notation().withByHeart(), of.choices().chunks());
  }

  public Hand of(SchoolClass of) {
    return of(of.accent(), of.choices().notation(), of.choices().chunks());
  }

  Hand of(String accent, Notation notation, List<String> taught) {
    Language language = languages.of(accent);
    return new Hand(
        language, notation, new Signs(notation, language.accent(), chunks(language, taught)));
  }

  /** The chunks of a class, as most words say them. */
  public Chunks chunks(SchoolClass of) {
    return chunks(languages.of(of.accent()), of.choices().chunks());
  }

  private Chunks chunks(Language language, List<String> taught) {
    return taught.isEmpty()
        ? Chunks.NONE
        : chunks.get(
            new Taught(language.accent().id(), taught), t -> Chunks.of(taught, language.words()));
  }
}

package dettato.app.notation;

import dettato.app.engine.Engines;
import dettato.app.school.SchoolClass;
import dettato.engine.Engine;
import dettato.notation.Chunks;
import dettato.notation.Drawing;
import dettato.notation.Meaning;
import dettato.notation.Notation;
import dettato.notation.Shape;
import dettato.notation.Signs;
import dettato.text.Sentence;
import dettato.word.Word;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;

/** Draws words and sentences with the marks of a class. */
@Component
@RequiredArgsConstructor
public class ClassMarks {
  private final Engines engines;

  /** What marks are drawn by: an accent, its notation, the chunks that are taught. */
  public record Hand(Engine engine, Notation notation, Signs signs) {

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
      return engine.phrases().of(new Sentence(text)).stream()
          .map(p -> Drawing.phrase(p, shapes))
          .toList();
    }
  }

  /** The same for words to know by heart, whose odd part is ringed where they are sounded. */
  public Hand byHeart(SchoolClass of) {
    return of(engines.of(of), of.choices().notation().withByHeart());
  }

  public Hand of(SchoolClass of) {
    return of(engines.of(of), of.choices().notation());
  }

  Hand of(String accent, Notation notation, List<String> taught) {
    return of(engines.of(accent).chunked(taught), notation);
  }

  private static Hand of(Engine engine, Notation notation) {
    return new Hand(engine, notation, new Signs(notation, engine.accent(), engine.chunks()));
  }

  /** The chunks of a class, as most words say them. */
  public Chunks chunks(SchoolClass of) {
    return engines.of(of).chunks();
  }
}

package dettato.notation;

import java.util.EnumSet;
import java.util.Set;

/** What a school may want to mark on a word, and the shapes that can be put there. */
public enum Meaning {
  SOUND(
      "each sound",
      "one mark for every sound, however many letters it has",
      EnumSet.of(
          Shape.DOT,
          Shape.BAR,
          Shape.UNDERLINE,
          Shape.SCOOP,
          Shape.BOX,
          Shape.RING,
          Shape.FRAME,
          Shape.TICK)),
  LETTER(
      "a sound of one letter",
      "one letter that spells a sound by itself",
      EnumSet.of(Shape.DOT, Shape.BAR, Shape.UNDERLINE)),
  LETTERS(
      "a sound of several letters",
      "letters that stand together for one sound",
      EnumSet.of(
          Shape.DOT,
          Shape.BAR,
          Shape.UNDERLINE,
          Shape.SCOOP,
          Shape.ARC,
          Shape.BOX,
          Shape.RING,
          Shape.BAND,
          Shape.OVERLINE)),
  SPLIT(
      "a vowel around a consonant",
      "a vowel and the e that stands after the next consonant",
      EnumSet.of(Shape.ARC, Shape.SCOOP, Shape.BAR, Shape.UNDERLINE)),
  DOUBLE(
      "a doubled consonant",
      "the same letter twice for one sound",
      EnumSet.of(
          Shape.RING,
          Shape.BOX,
          Shape.BAR,
          Shape.ARC,
          Shape.UNDERLINE,
          Shape.BAND,
          Shape.OVERLINE)),
  IRREGULAR(
      "the part to know by heart",
      "what is not spelled as it sounds",
      EnumSet.of(Shape.RING, Shape.BOX, Shape.UNDERLINE, Shape.BAND)),
  CHUNK(
      "a taught chunk",
      "letters that the class learns as one piece",
      EnumSet.of(
          Shape.BOX,
          Shape.RING,
          Shape.SCOOP,
          Shape.BAR,
          Shape.UNDERLINE,
          Shape.BAND,
          Shape.OVERLINE,
          Shape.STEP)),
  ENDING(
      "an ending",
      "what is joined to a base, such as -ing or -ed",
      EnumSet.of(Shape.STEP, Shape.BAND, Shape.OVERLINE, Shape.BAR)),
  VOWEL(
      "a vowel",
      "letters that say a vowel",
      EnumSet.of(Shape.BAND, Shape.OVERLINE, Shape.BAR, Shape.RING)),
  SHORT_VOWEL("a short vowel", "a vowel letter that says its short sound", EnumSet.of(Shape.BREVE)),
  LONG_VOWEL("a long vowel", "a vowel letter that says a long sound", EnumSet.of(Shape.MACRON)),
  SILENT(
      "a letter not sounded",
      "a letter that says nothing itself",
      EnumSet.of(Shape.STROKE, Shape.HOLLOW)),
  SOFT("a softened c or g", "c that says /s/, g that says /dʒ/", EnumSet.of(Shape.DOT_ABOVE)),
  BEAT("where a beat begins", "between the beats of a word", EnumSet.of(Shape.BEAT_LINE)),
  PHRASE(
      "a phrase of a sentence",
      "words that are said in one breath",
      EnumSet.of(Shape.SCOOP, Shape.BAR, Shape.UNDERLINE));

  private final String title;
  private final String says;
  private final Set<Shape> shapes;

  Meaning(String title, String says, EnumSet<Shape> shapes) {
    this.title = title;
    this.says = says;
    this.shapes = Set.copyOf(shapes);
  }

  /** As a legend names it. */
  public String title() {
    return title;
  }

  /** One line on what it is. */
  public String says() {
    return says;
  }

  /** Whether a shape can be put on it: a breve stands over a vowel, and rings no phrase. */
  public boolean mayBe(Shape shape) {
    return shapes.contains(shape);
  }
}

package dettato.word;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Where a longer word is cut when it is written beat by beat, and why there. A cut never goes
 * through a grapheme, but between twin letters, of which each beat takes one (rab|bit).
 */
public final class WrittenBeats {
  private static final String VOWELS = "aeiouy";

  /** Why a word is cut where it is. */
  public enum Why {
    /** Two words in one. */
    COMPOUND("two words in one: each is kept whole"),
    /** The last beat is a consonant with le. */
    LE("le takes the consonant before it along"),
    /** Twin letters. */
    TWINS("twin letters part, one for each beat"),
    /** The beat ends in its vowel. */
    OPEN("the beat ends in its vowel, which is long or weak"),
    /** The beat ends in a vowel of several letters. */
    TEAM("the letters of one vowel stay together"),
    /** The beat ends in a consonant. */
    CLOSED("the beat ends in a consonant, which keeps its vowel short");

    private final String says;

    Why(String says) {
      this.says = says;
    }

    /** In a few words, for a teacher. */
    public String says() {
      return says;
    }
  }

  /**
   * One beat.
   *
   * @param letters as they are written
   * @param why the cut after it is there; LE or the like of the last beat is told with the one
   *     before, so that the last has none
   */
  public record Part(String letters, Optional<Why> why) {}

  private WrittenBeats() {}

  /** The beats of a word in order; one for a word of one beat. */
  public static List<Part> of(Word word) {
    Segmentation cut = word.cut();
    List<Part> parts = new ArrayList<>();
    int from = 0;
    for (int i = 1; i < cut.size(); i++) {
      if (cut.unit(i).opensBeat()) {
        Why why = why(word, i);
        int at = at(cut, i, why);
        parts.add(new Part(cut.spelling().substring(from, at), Optional.of(why)));
        from = at;
      }
    }
    parts.add(new Part(cut.spelling().substring(from), Optional.empty()));
    return List.copyOf(parts);
  }

  private static Why why(Word word, int opening) {
    Segmentation cut = word.cut();
    String before = cut.unit(opening - 1).grapheme().text();
    if (cut.start(opening) == word.seam()) {
      return Why.COMPOUND;
    }
    if (isLe(cut, opening) || isLe(cut, opening + 1)) {
      return Why.LE;
    }
    if (isTwin(before) || isTwin(cut.unit(opening).grapheme().text())) {
      return Why.TWINS;
    }
    if (!cut.unit(opening - 1).sound().isVowel() || isDrawnOut(cut, opening)) {
      return Why.CLOSED;
    }
    return before.length() > 1 && before.indexOf('_') < 0 ? Why.TEAM : Why.OPEN;
  }

  /**
   * The a of basket is long in some accents, but written as a short one: two consonants part after
   * it.
   */
  private static boolean isDrawnOut(Segmentation cut, int opening) {
    Unit vowel = cut.unit(opening - 1);
    return vowel.sound().id().equals("BATH")
        && vowel.grapheme().text().equals("a")
        && opening + 1 < cut.size()
        && !cut.unit(opening).sound().isVowel()
        && !cut.unit(opening + 1).sound().isVowel();
  }

  private static boolean isLe(Segmentation cut, int unit) {
    return unit == cut.size() - 1 && cut.unit(unit).grapheme().text().equals("le");
  }

  /** Twins part before le too (lit|tle), and so does the st of castle, whose t is not said. */
  private static int at(Segmentation cut, int opening, Why why) {
    int start = cut.start(opening);
    if (why == Why.CLOSED && isDrawnOut(cut, opening)) {
      return cut.start(opening + 1);
    }
    if (why != Why.TWINS && why != Why.LE) {
      return start;
    }
    if (parts(cut.unit(opening - 1))) {
      return start - 1;
    }
    return parts(cut.unit(opening)) ? start + 1 : start;
  }

  private static boolean parts(Unit unit) {
    String grapheme = unit.grapheme().text();
    return isTwin(grapheme) || grapheme.equals("st");
  }

  private static boolean isTwin(String grapheme) {
    return grapheme.length() == 2
        && grapheme.charAt(0) == grapheme.charAt(1)
        && VOWELS.indexOf(grapheme.charAt(0)) < 0;
  }
}

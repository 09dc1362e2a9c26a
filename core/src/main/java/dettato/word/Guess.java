package dettato.word;

import dettato.sound.Grapheme;
import dettato.sound.Sound;
import dettato.sound.Sounds;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** A cut for a word outside the lexicon, as the reader reads it. */
public final class Guess {
  private static final int LONGEST = 40;

  private Guess() {}

  /**
   * The likeliest word behind a spelling.
   *
   * @throws IllegalArgumentException when it has no letters a to z, or more than forty
   */
  public static Word of(String written) {
    String spelling = written.strip().toLowerCase(Locale.ROOT);
    if (spelling.length() > LONGEST) {
      throw new IllegalArgumentException(
          "a word has at most " + LONGEST + " letters; this has " + spelling.length());
    }
    String letters = spelling.replaceAll("[^a-z]", "");
    if (letters.isEmpty()) {
      throw new IllegalArgumentException(
          "'" + written + "' has no letters a to z. Write the word that was dictated.");
    }
    return Word.of(cut(letters));
  }

  private static Segmentation cut(String letters) {
    try {
      List<Unit> read = Reader.read(letters);
      return Segmentation.of(letters, read.isEmpty() ? byLetter(letters) : read);
    } catch (IllegalArgumentException e) {
      return Segmentation.of(letters, byLetter(letters));
    }
  }

  /** Letter by letter, where the reader's units do not spell the word. */
  private static List<Unit> byLetter(String letters) {
    List<Unit> units = new ArrayList<>();
    for (char c : letters.toCharArray()) {
      String letter = String.valueOf(c);
      List<Sound> sounds = Reader.sounds(letter.toCharArray(), 0, letter);
      Sound sound = sounds.isEmpty() ? Sounds.of("commA") : sounds.get(0);
      units.add(new Unit(sound, new Grapheme(letter), Unit.Stress.NONE, units.isEmpty()));
    }
    return units;
  }
}

package dettato.reading;

import dettato.sound.Accents;
import dettato.sound.Grapheme;
import dettato.sound.Sound;
import dettato.sound.Sounds;
import dettato.word.Apostrophe;
import dettato.word.Lexicon;
import dettato.word.Segmentation;
import dettato.word.Unit;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A cut for a word outside the lexicon: the likeliest proposal, or letter by letter. */
public final class Guess {
  private static final Built BUILT =
      new Built(letters -> Lexicon.shipped().find(letters, Accents.SOUTHERN_BRITISH));

  private Guess() {}

  /**
   * The likeliest word behind a spelling.
   *
   * @throws IllegalArgumentException when it has no letters a to z, or more than forty
   */
  public static Word of(String written) {
    String letters = Proposer.letters(written);
    int apostrophe = Apostrophe.place(written);
    Optional<Word> built = apostrophe < 0 ? BUILT.of(letters) : Optional.empty();
    if (built.isPresent()) {
      return built.get();
    }
    return Proposer.shipped().propose(letters, Accents.of(Accents.SOUTHERN_BRITISH), 1).stream()
        .findFirst()
        .map(p -> Word.of(p.cut(), apostrophe))
        .orElseGet(() -> Word.of(Segmentation.of(letters, byLetter(letters)), apostrophe));
  }

  /** The prefix of a word outside the lexicon, where what follows is a word of it; else "". */
  public static String prefix(Word word) {
    boolean outside = word.rank() == Integer.MAX_VALUE && !word.isName();
    return outside ? BUILT.prefix(word.letters()) : "";
  }

  /** Letter by letter, where no listed correspondences spell the word. */
  private static List<Unit> byLetter(String letters) {
    List<Unit> units = new ArrayList<>();
    for (char c : letters.toCharArray()) {
      String letter = String.valueOf(c);
      List<Sound> sounds = ReadingRules.sounds(new LetterMasks(letter), 0, letter);
      Sound sound = sounds.isEmpty() ? Sounds.of("commA") : sounds.get(0);
      units.add(new Unit(sound, new Grapheme(letter), Unit.Stress.NONE, units.isEmpty()));
    }
    return units;
  }
}

package dettato.block;

import dettato.exercise.ExerciseBook;
import dettato.exercise.Material;
import dettato.find.Neighbours;
import dettato.find.RivalChooser;
import dettato.find.WordIndex;
import dettato.focus.Focus;
import dettato.mark.AttemptMarker;
import dettato.mark.SentenceMarker;
import dettato.plan.InventedWords;
import dettato.plan.TeachingSequence;
import dettato.plan.WordChooser;
import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.text.Hunts;
import dettato.text.Passage;
import dettato.text.SentenceBank;
import dettato.text.SentenceReader;
import dettato.word.Guess;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.List;
import java.util.Set;

/** What blocks are filled from and judged by in these tests. */
public final class Blocks {
  static final BlockKind WORDS = BlockBook.shipped().of("words");
  static final BlockKind SENTENCE = BlockBook.shipped().of("sentence");
  static final Focus FINAL_J = new Focus.Rule("final-j");

  private static final Accent ACCENT = Accents.of("en-GB");
  private static final Lexicon LEXICON = Lexicon.shipped();
  private static final TeachingSequence SEQUENCE = TeachingSequence.shipped();
  private static final SentenceBank BANK = new SentenceBank(LEXICON, ACCENT, SEQUENCE);
  private static final WordChooser CHOOSER = new WordChooser(LEXICON, ACCENT, SEQUENCE);
  private static final RivalChooser RIVALS =
      new RivalChooser(new WordIndex(LEXICON, ACCENT, SEQUENCE));
  private static final ExerciseBook BOOK =
      new ExerciseBook(
          LEXICON.words("en-GB"),
          LEXICON,
          ACCENT,
          new SentenceReader(LEXICON, ACCENT, SEQUENCE),
          new InventedWords(LEXICON, ACCENT, SEQUENCE),
          new Neighbours(LEXICON.words("en-GB"), ACCENT, SEQUENCE));
  private static final Hunts HUNTS =
      new Hunts(new SentenceReader(LEXICON, ACCENT, SEQUENCE), Passage.shipped());
  private static final AttemptMarker MARKER = new AttemptMarker(ACCENT, LEXICON);

  static final Markers MARKERS =
      new Markers(
          MARKER,
          new SentenceMarker(MARKER, LEXICON),
          Blocks::word,
          w -> LEXICON.find(w, "en-GB").isPresent());

  private Blocks() {}

  public static Material material() {
    return material(SEQUENCE.last());
  }

  public static Material material(int step) {
    return new Material(
        ACCENT,
        LEXICON,
        CHOOSER,
        RIVALS,
        Blocks::word,
        SEQUENCE,
        step,
        () -> BOOK,
        () -> BANK,
        () -> HUNTS,
        Material.Habits.USUAL);
  }

  public static Word word(String spelling) {
    return LEXICON.find(spelling, "en-GB").orElseGet(() -> Guess.of(spelling));
  }

  static List<String> fill(BlockKind kind, Focus focus, int count, long seed) {
    return kind.fill(new Request(List.of(focus), count, Set.of(), seed), material()).stream()
        .map(Item::text)
        .toList();
  }

  static List<Item> items(String... texts) {
    return java.util.Arrays.stream(texts).map(Item::own).toList();
  }
}

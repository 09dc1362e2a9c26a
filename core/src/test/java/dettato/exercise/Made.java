package dettato.exercise;

import dettato.find.Neighbours;
import dettato.find.RivalChooser;
import dettato.find.WordIndex;
import dettato.focus.Focus;
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
import java.util.Optional;
import java.util.Set;

/** Tasks of every kind, made for these tests. */
final class Made {
  static final Accent ACCENT = Accents.of("en-GB");
  static final Lexicon LEXICON = Lexicon.shipped();
  static final TeachingSequence SEQUENCE = TeachingSequence.shipped();
  static final List<Word> WORDS = LEXICON.words("en-GB");
  static final ExerciseBook BOOK =
      new ExerciseBook(
          WORDS,
          LEXICON,
          ACCENT,
          new SentenceReader(LEXICON, ACCENT, SEQUENCE),
          new InventedWords(LEXICON, ACCENT, SEQUENCE),
          new Neighbours(WORDS, ACCENT, SEQUENCE));

  private static final SentenceBank BANK = new SentenceBank(LEXICON, ACCENT, SEQUENCE);
  private static final WordChooser CHOOSER = new WordChooser(LEXICON, ACCENT, SEQUENCE);
  private static final RivalChooser RIVALS =
      new RivalChooser(new WordIndex(LEXICON, ACCENT, SEQUENCE));

  private static final Hunts HUNTS =
      new Hunts(new SentenceReader(LEXICON, ACCENT, SEQUENCE), Passage.shipped());

  private Made() {}

  static Material material(int step) {
    return new Material(
        ACCENT,
        LEXICON,
        CHOOSER,
        RIVALS,
        Made::word,
        SEQUENCE,
        step,
        () -> BOOK,
        () -> BANK,
        () -> HUNTS,
        Material.Habits.USUAL);
  }

  static Word word(String spelling) {
    return LEXICON
        .find(spelling.toLowerCase(java.util.Locale.ROOT), "en-GB")
        .orElseGet(() -> Guess.of(spelling));
  }

  static Wanted wanted(Optional<Focus> focus, int level, int count, long seed) {
    return new Wanted(focus, level, count, Set.of(), List.of(), Set.of(), seed);
  }

  static Optional<Focus> rule(String id) {
    return Optional.of(new Focus.Rule(id));
  }

  static Optional<Focus> rivals(String sound, String... graphemes) {
    return Optional.of(new Focus.Rivals(sound, List.of(graphemes)));
  }

  static List<Task> of(String kind, Optional<Focus> focus, int level, int count, long seed) {
    return BOOK.of(kind).make(wanted(focus, level, count, seed), material(SEQUENCE.last()));
  }
}

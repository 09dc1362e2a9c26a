package dettato.activity;

import dettato.activity.shipped.ShippedActivities;
import dettato.choose.Material;
import dettato.choose.Sources;
import dettato.choose.Task;
import dettato.choose.TaskBook;
import dettato.choose.Wanted;
import dettato.find.Neighbours;
import dettato.find.RivalChooser;
import dettato.find.WordIndex;
import dettato.focus.Focus;
import dettato.mark.AttemptMarker;
import dettato.mark.SentenceMarker;
import dettato.plan.InventedWords;
import dettato.plan.TeachingSequence;
import dettato.plan.WordChooser;
import dettato.prompt.Prompt;
import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.text.Hunts;
import dettato.text.Passage;
import dettato.text.SentenceBank;
import dettato.text.SentenceReader;
import dettato.word.Guess;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** The shipped kinds, and what they are filled from and judged by in these tests. */
public final class Kinds {
  public static final Activities ALL = ShippedActivities.ALL;
  public static final Accent ACCENT = Accents.of("en-GB");
  public static final Lexicon LEXICON = Lexicon.shipped();
  public static final TeachingSequence SEQUENCE = TeachingSequence.shipped();
  public static final List<Word> ALL_WORDS = LEXICON.words("en-GB");
  public static final TaskBook TASKS =
      ALL.tasks(
          new Sources(
              ALL_WORDS,
              LEXICON,
              ACCENT,
              new SentenceReader(LEXICON, ACCENT, SEQUENCE),
              new InventedWords(LEXICON, ACCENT, SEQUENCE),
              new Neighbours(ALL_WORDS, ACCENT, SEQUENCE)));

  static final Activity WORDS = ALL.of("words");
  static final Activity SENTENCE = ALL.of("sentence");
  static final Focus FINAL_J = new Focus.Rule("final-j");

  private static final SentenceBank BANK = new SentenceBank(LEXICON, ACCENT, SEQUENCE);
  private static final WordChooser CHOOSER = new WordChooser(LEXICON, ACCENT, SEQUENCE);
  private static final RivalChooser RIVALS =
      new RivalChooser(new WordIndex(LEXICON, ACCENT, SEQUENCE));
  private static final Hunts HUNTS =
      new Hunts(new SentenceReader(LEXICON, ACCENT, SEQUENCE), Passage.shipped());
  private static final AttemptMarker MARKER = new AttemptMarker(ACCENT, LEXICON);

  static final Markers MARKERS =
      new Markers(
          MARKER,
          new SentenceMarker(MARKER, LEXICON),
          Kinds::word,
          w -> LEXICON.find(w, "en-GB").isPresent());

  private Kinds() {}

  public static Material material() {
    return material(SEQUENCE.last());
  }

  public static Material material(int step) {
    return new Material(
        ACCENT,
        LEXICON,
        CHOOSER,
        RIVALS,
        Kinds::word,
        SEQUENCE,
        step,
        () -> TASKS,
        () -> BANK,
        () -> HUNTS,
        Material.Habits.USUAL);
  }

  public static Word word(String spelling) {
    return LEXICON
        .find(spelling.toLowerCase(Locale.ROOT), "en-GB")
        .orElseGet(() -> Guess.of(spelling));
  }

  static List<String> fill(Activity kind, Focus focus, int count, long seed) {
    return kind.fill(new Request(List.of(focus), count, Set.of(), seed), material()).stream()
        .map(Item::text)
        .toList();
  }

  /** An item as a teacher types it. */
  public static Prompt typed(String kind, String text) {
    return ALL.of(kind).own(text, material());
  }

  public static List<Prompt> typed(String kind, String... texts) {
    return Arrays.stream(texts).map(t -> typed(kind, t)).toList();
  }

  public static Wanted wanted(Optional<Focus> focus, int level, int count, long seed) {
    return new Wanted(focus, level, count, Set.of(), List.of(), Set.of(), seed);
  }

  public static Optional<Focus> rule(String id) {
    return Optional.of(new Focus.Rule(id));
  }

  public static Optional<Focus> rivals(String sound, String... graphemes) {
    return Optional.of(new Focus.Rivals(sound, List.of(graphemes)));
  }

  public static List<Task> tasks(
      String kind, Optional<Focus> focus, int level, int count, long seed) {
    return TASKS.of(kind).make(wanted(focus, level, count, seed), material(SEQUENCE.last()));
  }
}

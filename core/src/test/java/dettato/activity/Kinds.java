package dettato.activity;

import dettato.activity.shipped.ShippedActivities;
import dettato.choose.Material;
import dettato.choose.Task;
import dettato.choose.TaskBook;
import dettato.choose.Wanted;
import dettato.engine.Engine;
import dettato.focus.Focus;
import dettato.plan.TeachingSequence;
import dettato.prompt.Prompt;
import dettato.sound.Accent;
import dettato.sound.Accents;
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
  public static final Engine ENGINE = Engine.shipped(ALL, ACCENT, TeachingSequence.shipped());
  public static final Lexicon LEXICON = ENGINE.lexicon();
  public static final TeachingSequence SEQUENCE = ENGINE.sequence();
  public static final TaskBook TASKS = ENGINE.tasks();

  static final Activity WORDS = ALL.of("words");
  static final Activity SENTENCE = ALL.of("sentence");
  static final Focus FINAL_J = new Focus.Rule("final-j");
  static final Markers MARKERS = ENGINE.markers();

  private Kinds() {}

  public static Material material() {
    return material(SEQUENCE.last());
  }

  public static Material material(int step) {
    return ENGINE.material(step, ENGINE::bank, ENGINE::hunts, Material.Habits.USUAL);
  }

  public static Word word(String spelling) {
    return ENGINE.word(spelling.toLowerCase(Locale.ROOT));
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

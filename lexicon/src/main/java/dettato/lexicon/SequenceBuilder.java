package dettato.lexicon;

import dettato.plan.Stage;
import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.sound.Correspondence;
import dettato.sound.Correspondences;
import dettato.sound.Sound;
import dettato.sound.Sounds;
import dettato.word.Lexicon;
import dettato.word.Unit;
import dettato.word.Word;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/**
 * Derives the teaching sequence from the lexicon, stage by stage: each step adds up to three
 * correspondences of the stage that make the most words spellable, given those before. A word
 * weighs more the commoner it is and the fewer sounds it has; a step has at most one new vowel.
 */
public final class SequenceBuilder {
  private static final int PER_STEP = 3;

  private final Accent accent = Accents.of(Accents.SOUTHERN_BRITISH);
  private final List<Word> words;
  private final Set<String> taught = new HashSet<>();
  private final Map<String, Stage> stages = new HashMap<>();

  private SequenceBuilder() {
    List<Word> all =
        Lexicon.shipped().words(accent.id()).stream()
            .filter(w -> w.use() == Word.Use.CHOOSE && !keys(w).contains(""))
            .toList();
    words = all.stream().filter(w -> w.cut().beats() <= 2 && w.cut().size() > 1).toList();
    Stages figures = new Stages(all, this::keys);
    all.forEach(w -> keys(w).forEach(k -> stages.computeIfAbsent(k, figures::of)));
  }

  /**
   * @param args the table to write
   */
  public static void main(String[] args) throws IOException {
    SequenceBuilder builder = new SequenceBuilder();
    List<String> rows = builder.rows();
    Files.writeString(
        Path.of(args[0]),
        "# Derived by lexicon/ from our own word table, for a school to edit: in stages, and within a stage each step adds the few correspondences that unlock the most common words given those before.\n"
            + "# unlocks: how many one- and two-beat words the step makes spellable.\nstep\tstage\tgrapheme\tsound\tunlocks\texample\n"
            + String.join("\n", rows)
            + "\n");
    System.out.println(rows.size() + " correspondences in sequence");
  }

  private List<String> rows() {
    List<String> rows = new ArrayList<>();
    int step = 0;
    for (Stage stage : Stage.values()) {
      for (Set<String> added = next(stage); !added.isEmpty(); added = next(stage)) {
        rows.addAll(rows(++step, stage, added));
      }
    }
    return rows;
  }

  private List<String> rows(int step, Stage stage, Set<String> added) {
    long before = spellable();
    taught.addAll(added);
    long unlocked = spellable() - before;
    return added.stream()
        .map(
            key ->
                step
                    + "\t"
                    + stage
                    + "\t"
                    + key.replace("/", "\t")
                    + "\t"
                    + unlocked
                    + "\t"
                    + example(key))
        .toList();
  }

  private Set<String> next(Stage stage) {
    Map<Set<String>, Double> gains = new HashMap<>();
    for (Word word : words) {
      Set<String> missing = missing(word);
      if (!missing.isEmpty()
          && missing.size() <= PER_STEP
          && vowels(missing) <= 1
          && missing.stream().allMatch(k -> isDue(k, stage))) {
        gains.merge(missing, weight(word), Double::sum);
      }
    }
    Set<String> best =
        gains.keySet().stream()
            .max(
                Comparator.<Set<String>>comparingDouble(s -> total(s, gains) / s.size())
                    .thenComparing(Set::toString))
            .orElse(Set.of());
    Set<String> step = new TreeSet<>(best);
    while (step.size() < PER_STEP && !step.isEmpty()) {
      String more = best(step, gains);
      if (more.isEmpty()) {
        break;
      }
      step.add(more);
    }
    return step;
  }

  private boolean isDue(String key, Stage by) {
    Stage its = stages.get(key);
    return its != null && its.compareTo(by) <= 0;
  }

  /** The one correspondence that adds most to a step, "" when none adds anything. */
  private String best(Set<String> step, Map<Set<String>, Double> gains) {
    double now = total(step, gains);
    String best = "";
    double most = now;
    Set<String> all = new TreeSet<>();
    gains.keySet().forEach(all::addAll);
    for (String key : all) {
      Set<String> wider = new TreeSet<>(step);
      if (wider.add(key) && vowels(wider) <= 1 && total(wider, gains) > most) {
        most = total(wider, gains);
        best = key;
      }
    }
    return best;
  }

  private static double total(Set<String> step, Map<Set<String>, Double> gains) {
    return gains.entrySet().stream()
        .filter(e -> step.containsAll(e.getKey()))
        .mapToDouble(Map.Entry::getValue)
        .sum();
  }

  private static double weight(Word word) {
    double ease = 1 / Math.pow(2, Math.max(0, word.cut().size() - 3));
    return ease / Math.sqrt(word.rank() + 50.0);
  }

  private Set<String> missing(Word word) {
    Set<String> missing = new TreeSet<>();
    for (String key : keys(word)) {
      if (!taught.contains(key)) {
        missing.add(key);
      }
    }
    return missing;
  }

  private List<String> keys(Word word) {
    return word.cut().units().stream().map(this::key).toList();
  }

  /** Grapheme and the first listed sound that is alike in the accent; "" for odd ones. */
  private String key(Unit unit) {
    return Correspondences.all().stream()
        .filter(c -> c.grapheme().equals(unit.grapheme()))
        .filter(c -> accent.alike(c.sound(), unit.sound()))
        .filter(c -> c.use() != Correspondence.Use.ODD)
        .map(c -> c.grapheme().text() + "/" + c.sound().id())
        .findFirst()
        .orElse("");
  }

  private static long vowels(Set<String> keys) {
    return keys.stream()
        .map(k -> Sounds.of(k.substring(k.indexOf('/') + 1)))
        .filter(Sound::isVowel)
        .count();
  }

  private long spellable() {
    return words.stream().filter(w -> missing(w).isEmpty()).count();
  }

  private String example(String key) {
    return words.stream()
        .filter(w -> w.cut().units().stream().anyMatch(u -> key(u).equals(key)))
        .filter(w -> missing(w).isEmpty())
        .map(Word::spelling)
        .findFirst()
        .orElse("");
  }
}

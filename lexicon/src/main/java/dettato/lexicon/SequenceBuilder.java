package dettato.lexicon;

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
 * Derives the teaching sequence from the lexicon: each step adds up to three correspondences that
 * make the most words spellable, given those before. A word weighs more the commoner it is and the
 * fewer sounds it has, and a quarter when a vowel is not short (easy to hear first); a step has at
 * most one new vowel.
 */
public final class SequenceBuilder {
  private static final int PER_STEP = 3;
  private final Accent accent = Accents.of(Accents.SOUTHERN_BRITISH);
  private final List<Word> words;
  private final Set<String> taught = new HashSet<>();

  private SequenceBuilder() {
    words =
        Lexicon.shipped().words(accent.id()).stream()
            .filter(w -> w.use() == Word.Use.CHOOSE && w.cut().beats() <= 2 && w.cut().size() > 1)
            .toList();
  }

  /**
   * @param args the table to write
   */
  public static void main(String[] args) throws IOException {
    SequenceBuilder builder = new SequenceBuilder();
    List<String> rows = builder.rows();
    Files.writeString(
        Path.of(args[0]),
        "# Derived by lexicon/ from our own word table, for a school to edit: each step adds the few correspondences that unlock the most common words given those before.\n"
            + "# unlocks: how many one- and two-beat words the step makes spellable.\nstep\tgrapheme\tsound\tunlocks\texample\n"
            + String.join("\n", rows)
            + "\n");
    System.out.println(rows.size() + " correspondences in sequence");
  }

  private List<String> rows() {
    List<String> rows = new ArrayList<>();
    for (int step = 1; step < 200; step++) {
      Set<String> added = next();
      if (added.isEmpty()) {
        break;
      }
      long before = spellable();
      taught.addAll(added);
      long unlocked = spellable() - before;
      for (String key : added) {
        rows.add(step + "\t" + key.replace("/", "\t") + "\t" + unlocked + "\t" + example(key));
      }
    }
    return rows;
  }

  private Set<String> next() {
    Map<Set<String>, Double> gains = new HashMap<>();
    for (Word word : words) {
      Set<String> missing = missing(word);
      if (!missing.isEmpty() && missing.size() <= PER_STEP && vowels(missing) <= 1) {
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
    boolean shortVowels =
        word.cut().units().stream()
            .allMatch(u -> !u.sound().isVowel() || u.sound().kind() == Sound.Kind.SHORT);
    double ease = (shortVowels ? 1 : 0.25) / Math.pow(2, Math.max(0, word.cut().size() - 3));
    return ease / Math.sqrt(word.rank() + 50.0);
  }

  private Set<String> missing(Word word) {
    Set<String> missing = new TreeSet<>();
    for (Unit unit : word.cut().units()) {
      String key = key(unit);
      if (key.isEmpty()) {
        return new TreeSet<>(Set.of("1", "2", "3", "4"));
      }
      if (!taught.contains(key)) {
        missing.add(key);
      }
    }
    return missing;
  }

  /** Grapheme and the first listed sound that is alike in the accent; "" for rare and odd ones. */
  private String key(Unit unit) {
    return Correspondences.all().stream()
        .filter(c -> c.grapheme().equals(unit.grapheme()))
        .filter(c -> accent.alike(c.sound(), unit.sound()))
        .filter(Correspondence::isUsual)
        .map(c -> c.grapheme().text() + "/" + c.sound().id())
        .findFirst()
        .orElse("");
  }

  private static long vowels(Set<String> keys) {
    return keys.stream()
        .filter(k -> k.contains("/"))
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

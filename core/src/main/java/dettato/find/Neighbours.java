package dettato.find;

import dettato.plan.TeachingSequence;
import dettato.sound.Accent;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Words one sound apart, among short words that may be proposed. Of words that sound alike only the
 * commonest is kept: a chain or a pair is heard before it is written. Made in time O(words ×
 * sounds); each word is filed under its sounds with one of them open.
 */
public final class Neighbours {
  private static final int LONGEST = 6;
  private static final int COMMON = 4;
  private static final String OPEN = "*";
  private static final int NEVER = Integer.MAX_VALUE;

  private final Map<String, Spoken> bySpelling = new LinkedHashMap<>();
  private final Map<List<String>, Spoken> bySounds = new LinkedHashMap<>();
  private final Map<List<String>, List<Spoken>> byOpen = new HashMap<>();
  private final Map<Spoken, Integer> steps = new IdentityHashMap<>();
  private final Map<Spoken, List<Spoken>> changed = new IdentityHashMap<>();
  private final Map<Spoken, List<Spoken>> near = new IdentityHashMap<>();

  /**
   * @param words commonest first
   */
  public Neighbours(Collection<Word> words, Accent accent, TeachingSequence sequence) {
    for (Word word : words) {
      boolean fits =
          word.use() == Word.Use.CHOOSE
              && word.commonness() <= COMMON
              && word.isOneBeat()
              && word.join().isEmpty()
              && word.apostrophe() < 0;
      if (fits) {
        Spoken spoken = Spoken.of(word, accent);
        if (spoken.size() >= 2
            && spoken.size() <= LONGEST
            && bySounds.putIfAbsent(spoken.sounds(), spoken) == null) {
          bySpelling.put(word.spelling(), spoken);
          steps.put(spoken, sequence.taughtAt(word, accent).orElse(NEVER));
          opened(spoken)
              .forEach(k -> byOpen.computeIfAbsent(k, x -> new ArrayList<>()).add(spoken));
        }
      }
    }
    for (Spoken one : all()) {
      List<Spoken> others = findChanged(one);
      changed.put(one, others);
      near.put(one, findNear(one, others));
    }
  }

  /** Every word, commonest first. */
  public Collection<Spoken> all() {
    return bySpelling.values();
  }

  /** A word by its spelling, if it is among these. */
  public Optional<Spoken> find(String spelling) {
    return Optional.ofNullable(bySpelling.get(spelling));
  }

  /** Whether all of a word is taught by a step. */
  public boolean isTaught(Spoken spoken, int step) {
    return steps.getOrDefault(spoken, NEVER) <= step;
  }

  /** Those with one other sound in place of one. */
  public List<Spoken> changed(Spoken one) {
    return changed.getOrDefault(one, List.of());
  }

  /** Those one sound apart in any way. */
  public List<Spoken> of(Spoken one) {
    return near.getOrDefault(one, List.of());
  }

  private List<Spoken> findChanged(Spoken one) {
    List<Spoken> found = new ArrayList<>();
    for (List<String> key : opened(one)) {
      byOpen.getOrDefault(key, List.of()).stream().filter(o -> o != one).forEach(found::add);
    }
    return found;
  }

  private List<Spoken> findNear(Spoken one, List<Spoken> changed) {
    List<Spoken> found = new ArrayList<>(changed);
    for (int i = 0; i < one.size(); i++) {
      List<String> less = new ArrayList<>(one.sounds());
      less.remove(i);
      Spoken shorter = bySounds.get(less);
      if (shorter != null && !found.contains(shorter)) {
        found.add(shorter);
      }
    }
    for (int i = 0; i <= one.size(); i++) {
      List<String> more = new ArrayList<>(one.sounds());
      more.add(i, OPEN);
      byOpen.getOrDefault(more, List.of()).stream()
          .filter(o -> !found.contains(o))
          .forEach(found::add);
    }
    return found;
  }

  private static List<List<String>> opened(Spoken spoken) {
    List<List<String>> keys = new ArrayList<>();
    for (int i = 0; i < spoken.size(); i++) {
      List<String> key = new ArrayList<>(spoken.sounds());
      key.set(i, OPEN);
      keys.add(key);
    }
    return keys;
  }
}

package dettato.activity.sort;

import dettato.choose.Material;
import dettato.choose.Task;
import dettato.choose.Tasks;
import dettato.choose.TaughtWords;
import dettato.choose.Wanted;
import dettato.focus.Focus;
import dettato.focus.FocusAt;
import dettato.plan.InventedWords;
import dettato.plan.Unpredictable;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

/**
 * Words to sort into two to four columns, each with two at least: the sides of a rule, rival
 * graphemes, words that begin with different consonants, or (irregular words being the focus) real
 * and invented ones.
 */
final class Sort implements Tasks {
  private static final int FEWEST = 2;
  private static final int COLUMNS = 4;
  private static final int MORE = 6;

  private final TaughtWords words;
  private final InventedWords invented;

  Sort(TaughtWords words, InventedWords invented) {
    this.words = words;
    this.invented = invented;
  }

  /** A word in its column. */
  private record Sorted(Word word, String column, String why) {}

  @Override
  public List<Task> make(Wanted wanted, Material material) {
    Map<String, List<Sorted>> columns = new LinkedHashMap<>();
    for (Sorted one : candidates(wanted, material)) {
      columns.computeIfAbsent(one.column, c -> new ArrayList<>()).add(one);
    }
    List<List<Sorted>> fullest =
        columns.values().stream()
            .filter(c -> c.size() >= FEWEST)
            .sorted(Comparator.comparingInt(c -> -c.size()))
            .limit(Math.min(COLUMNS, Math.max(2, wanted.count() / FEWEST)))
            .toList();
    if (fullest.size() < 2) {
      return List.of();
    }
    List<List<Sorted>> groups = shared(fullest, wanted.count());
    List<String> names = groups.stream().map(g -> g.get(0).column).sorted().toList();
    return Unpredictable.mix(groups, new Random(wanted.seed())).stream()
        .map(s -> new Task(s.word.spelling(), s.word.spelling(), List.of(s.column), names, s.why))
        .toList();
  }

  /** As many from each as there are places, the short ones' places going to the others. */
  private static List<List<Sorted>> shared(List<List<Sorted>> columns, int count) {
    int[] takes = new int[columns.size()];
    int left = count;
    boolean any = true;
    while (left > 0 && any) {
      any = false;
      for (int c = 0; c < takes.length && left > 0; c++) {
        if (takes[c] < columns.get(c).size()) {
          takes[c]++;
          left--;
          any = true;
        }
      }
    }
    List<List<Sorted>> groups = new ArrayList<>();
    for (int c = 0; c < takes.length; c++) {
      groups.add(columns.get(c).subList(0, takes[c]));
    }
    return groups;
  }

  private List<Sorted> candidates(Wanted wanted, Material material) {
    Optional<Focus> focus = wanted.focus();
    if (focus.isEmpty()) {
      return byOnset(wanted, material);
    }
    return focus
        .get()
        .read(
            new Focus.Cases<>() {
              @Override
              public List<Sorted> rule(String id) {
                return onFocus(
                    wanted, material, (word, at) -> Heads.of(word, at.decided().orElseThrow()));
              }

              @Override
              public List<Sorted> rivals(String sound, List<String> graphemes) {
                return onFocus(
                    wanted, material, (word, at) -> Heads.rival(word, at, material.accent()));
              }

              @Override
              public List<Sorted> irregular() {
                return realOrNot(wanted, material);
              }
            });
  }

  /** Names the column of a word that has one. */
  @FunctionalInterface
  private interface Column {
    Optional<String> of(Word word, FocusAt at);
  }

  private List<Sorted> onFocus(Wanted wanted, Material material, Column column) {
    Focus focus = wanted.focus().orElseThrow();
    List<Sorted> sorted = new ArrayList<>();
    for (Word word : words.some(wanted, wanted.count() * MORE, material)) {
      TaughtWords.at(word, focus, material)
          .flatMap(at -> column.of(word, at))
          .ifPresent(
              head ->
                  sorted.add(
                      new Sorted(word, head, TaughtWords.why(word, wanted.focus(), material))));
    }
    return sorted;
  }

  /** Words that begin with two consonants, by these. */
  private List<Sorted> byOnset(Wanted wanted, Material material) {
    List<Word> known = words.known(material, wanted.without());
    return TaughtWords.drawn(known, known.size(), wanted.seed()).stream()
        .filter(w -> w.isOneBeat() && w.join().isEmpty() && onset(w) == 2)
        .map(
            w -> {
              String letters =
                  w.cut().unit(0).grapheme().text() + w.cut().unit(1).grapheme().text();
              return new Sorted(w, letters, "two consonants at the start, " + letters);
            })
        .toList();
  }

  private static int onset(Word word) {
    int vowel = 0;
    while (vowel < word.cut().size() && !word.cut().unit(vowel).sound().isVowel()) {
      vowel++;
    }
    return vowel;
  }

  private List<Sorted> realOrNot(Wanted wanted, Material material) {
    int half = (wanted.count() + 1) / 2;
    List<Sorted> sorted = new ArrayList<>();
    TaughtWords.drawn(
            words.known(material, wanted.without()).stream()
                .filter(w -> w.isOneBeat() && w.join().isEmpty())
                .toList(),
            half,
            wanted.seed())
        .forEach(w -> sorted.add(new Sorted(w, "real", "a word we know")));
    invented
        .choose(
            new InventedWords.Request(
                "", "", "", 0, 1, material.step(), wanted.count() - half, wanted.seed()))
        .forEach(
            made ->
                sorted.add(
                    new Sorted(made.word(), "made up", "it can be read by rule, but is no word")));
    return sorted;
  }
}

package dettato.activity.affix;

import dettato.choose.Material;
import dettato.choose.Task;
import dettato.choose.Tasks;
import dettato.choose.TaughtWords;
import dettato.choose.Wanted;
import dettato.word.Lexicon;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;

/** A meaning, and the word with a prefix or suffix that says it: without a tooth, toothless. */
final class AffixMeaning implements Tasks {
  private static final int OPTIONS = 3;

  private final Lexicon lexicon;

  AffixMeaning(Lexicon lexicon) {
    this.lexicon = lexicon;
  }

  /** The affixes in turn, the base taught. */
  @Override
  public List<Task> make(Wanted wanted, Material material) {
    List<Affix> fitting =
        TaughtWords.drawn(
            Affix.shipped().stream()
                .filter(a -> !wanted.without().contains(a.word()))
                .filter(a -> isTaught(a, material))
                .toList(),
            Integer.MAX_VALUE,
            wanted.seed());
    List<Affix> left = new ArrayList<>(fitting);
    List<Task> tasks = new ArrayList<>();
    Random random = new Random(wanted.seed());
    String last = "";
    while (tasks.size() < wanted.count() && !left.isEmpty()) {
      String before = last;
      Affix next =
          left.stream().min(Comparator.comparing(a -> a.affix().equals(before))).orElseThrow();
      left.remove(next);
      last = next.affix();
      tasks.add(task(next, fitting, random));
    }
    return tasks;
  }

  private boolean isTaught(Affix affix, Material material) {
    return lexicon.find(affix.word(), material.accent().id()).isPresent()
        && TaughtWords.isTaught(material.word().apply(affix.base()), material);
  }

  /** Beside the word, others of its affix and of its base: each must be told from it by meaning. */
  private static Task task(Affix asked, List<Affix> all, Random random) {
    List<String> options = new ArrayList<>(List.of(asked.word()));
    all.stream()
        .filter(a -> !a.equals(asked) && !a.means().equals(asked.means()))
        .sorted(
            Comparator.comparing((Affix a) -> !a.base().equals(asked.base()))
                .thenComparing(a -> !a.affix().equals(asked.affix())))
        .limit(OPTIONS - 1)
        .forEach(a -> options.add(a.word()));
    return new Task(
        asked.word(),
        asked.means(),
        List.of(asked.word()),
        TaughtWords.shuffled(options, random),
        asked.says());
  }
}

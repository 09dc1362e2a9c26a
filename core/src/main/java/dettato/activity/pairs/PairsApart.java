package dettato.activity.pairs;

import dettato.choose.FocusWords;
import dettato.choose.Material;
import dettato.choose.Task;
import dettato.choose.Tasks;
import dettato.choose.TaughtWords;
import dettato.choose.Wanted;
import dettato.find.MinimalPairs;
import dettato.find.Neighbours;
import dettato.find.Spoken;
import dettato.focus.Focus;
import dettato.rule.RuleBook;
import dettato.sound.Accent;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;

/** Two words that differ by one sound, said one after the other: both sides of a rule, or any. */
final class PairsApart implements Tasks {
  private static final String SILENT_E = "split-vowel";
  private static final int MORE = 8;

  private final Neighbours neighbours;
  private final Accent accent;

  PairsApart(Neighbours neighbours, Accent accent) {
    this.neighbours = neighbours;
    this.accent = accent;
  }

  /** No word twice. */
  @Override
  public List<Task> make(Wanted wanted, Material material) {
    List<MinimalPairs.Pair> found =
        wanted
            .focus()
            .map(f -> f.read(new OnFocus(wanted, material)))
            .orElseGet(() -> contrast(SILENT_E, wanted, material));
    List<MinimalPairs.Pair> known =
        TaughtWords.drawn(
            found.stream().limit(wanted.count() * 4L).toList(), Integer.MAX_VALUE, wanted.seed());
    Set<Spoken> taken = new HashSet<>();
    List<Task> tasks = new ArrayList<>();
    for (MinimalPairs.Pair pair : known) {
      boolean fresh = !taken.contains(pair.a()) && !taken.contains(pair.b());
      if (fresh && tasks.size() < wanted.count()) {
        taken.add(pair.a());
        taken.add(pair.b());
        String both = pair.a().word().spelling() + " " + pair.b().word().spelling();
        tasks.add(
            Task.open(
                both,
                both.replace(" ", ", then "),
                List.of(both),
                "/" + pair.differs().replace("-", "/ or /") + "/"));
      }
    }
    return tasks;
  }

  private static boolean isFree(Spoken spoken, Wanted wanted) {
    return !wanted.without().contains(spoken.word().spelling());
  }

  private List<MinimalPairs.Pair> contrast(String contrast, Wanted wanted, Material material) {
    return new MinimalPairs(neighbours, accent)
        .of(contrast, material.step()).stream()
            .filter(p -> isFree(p.a(), wanted) && isFree(p.b(), wanted))
            .toList();
  }

  /** Pairs of which one word at least is on the focus. */
  private final class OnFocus implements Focus.Cases<List<MinimalPairs.Pair>> {
    private final Wanted wanted;
    private final Material material;

    private OnFocus(Wanted wanted, Material material) {
      this.wanted = wanted;
      this.material = material;
    }

    @Override
    public List<MinimalPairs.Pair> rule(String id) {
      boolean both =
          RuleBook.of(id).conditions().stream().map(c -> c.side().isSpecial()).distinct().count()
              == 2;
      List<MinimalPairs.Pair> pairs = both ? contrast(id, wanted, material) : List.of();
      return pairs.size() >= wanted.count()
          ? pairs
          : Stream.concat(pairs.stream(), with(words(f -> f.rule(id))).stream()).toList();
    }

    @Override
    public List<MinimalPairs.Pair> rivals(String sound, List<String> graphemes) {
      return with(words(f -> f.rivals(sound, graphemes)));
    }

    @Override
    public List<MinimalPairs.Pair> irregular() {
      return contrast(SILENT_E, wanted, material);
    }

    private List<Word> words(Function<FocusWords, List<Word>> of) {
      return of.apply(
          new FocusWords(
              wanted.count() * MORE,
              wanted.without(),
              Set.copyOf(wanted.broken()),
              false,
              wanted.seed(),
              material));
    }

    /** Of each word its commonest partner. */
    private List<MinimalPairs.Pair> with(List<Word> words) {
      MinimalPairs pairs = new MinimalPairs(neighbours, accent);
      return words.stream()
          .flatMap(
              w ->
                  pairs.with(w.spelling(), material.step()).stream()
                      .filter(p -> isFree(p.a(), wanted) && isFree(p.b(), wanted))
                      .limit(1))
          .toList();
    }
  }
}

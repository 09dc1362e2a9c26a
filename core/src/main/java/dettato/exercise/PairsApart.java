package dettato.exercise;

import dettato.find.MinimalPairs;
import dettato.find.Neighbours;
import dettato.find.Spoken;
import dettato.focus.Focus;
import dettato.rule.RuleBook;
import dettato.rule.Side;
import dettato.sound.Accent;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Two words that differ by one sound, said one after the other: both sides of a rule, or any. */
final class PairsApart implements Exercise {
  private static final String SILENT_E = "split-vowel";

  private final Neighbours neighbours;
  private final Accent accent;

  PairsApart(Neighbours neighbours, Accent accent) {
    this.neighbours = neighbours;
    this.accent = accent;
  }

  @Override
  public String id() {
    return "pairs";
  }

  @Override
  public String title() {
    return "Pairs";
  }

  @Override
  public String asks() {
    return "Write both words. One sound is another.";
  }

  /** No word twice. */
  @Override
  public List<Task> make(Wanted wanted, Material material) {
    String contrast = wanted.focus().map(f -> f.read(new Contrast())).orElse(SILENT_E);
    List<MinimalPairs.Pair> found =
        new MinimalPairs(neighbours, accent).of(contrast, material.step());
    List<MinimalPairs.Pair> known =
        ExerciseWords.drawn(
            found.subList(0, Math.min(found.size(), wanted.count() * 4)),
            Integer.MAX_VALUE,
            wanted.seed());
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

  private static final class Contrast implements Focus.Cases<String> {
    @Override
    public String rule(String id) {
      boolean both =
          RuleBook.of(id).conditions().stream().map(c -> c.side()).distinct().count()
              == Side.values().length;
      return both ? id : SILENT_E;
    }

    @Override
    public String rivals(String sound, List<String> graphemes) {
      return SILENT_E;
    }

    @Override
    public String irregular() {
      return SILENT_E;
    }
  }
}

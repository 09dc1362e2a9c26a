package dettato.activity.madeup;

import dettato.choose.Material;
import dettato.choose.Task;
import dettato.choose.Tasks;
import dettato.choose.Wanted;
import dettato.focus.Focus;
import dettato.plan.InventedWords;
import dettato.plan.Unpredictable;
import dettato.rule.RuleBook;
import java.util.List;
import java.util.Random;

/** Words that are none, to be spelled by sound and rule alone: every legal spelling is right. */
final class MadeUp implements Tasks {
  private final InventedWords invented;

  MadeUp(InventedWords invented) {
    this.invented = invented;
  }

  /** Three sounds; at level 2 more; at level 3 two beats. */
  @Override
  public List<Task> make(Wanted wanted, Material material) {
    return wanted
        .focus()
        .map(f -> f.read(new Asked(wanted, material)))
        .orElseGet(() -> tasks("", "", "", wanted.count(), wanted, material));
  }

  private static final int MORE = 20;

  private record Shape(int sounds, int beats) {}

  private List<Task> tasks(
      String rule, String grapheme, String sound, int count, Wanted wanted, Material material) {
    Shape shape =
        switch (wanted.level()) {
          case 1 -> new Shape(3, 1);
          case 2 -> new Shape(4, 1);
          default -> new Shape(0, 2);
        };
    List<InventedWords.Invented> made = List.of();
    for (int more = 0; made.size() < count && more <= MORE; more += MORE) {
      made =
          invented
              .choose(
                  new InventedWords.Request(
                      rule,
                      grapheme,
                      sound,
                      rule.isEmpty() ? shape.sounds : 0,
                      shape.beats,
                      material.step(),
                      count + more,
                      wanted.seed()))
              .stream()
              .filter(one -> !wanted.without().contains(one.word().spelling()))
              .limit(count)
              .toList();
    }
    return made.stream().map(one -> task(one, rule, why(sound, grapheme), material)).toList();
  }

  private static String why(String sound, String grapheme) {
    return sound.isEmpty()
        ? "no word, so it is spelled by its sounds"
        : "/%s/ may be spelled %s".formatted(sound, grapheme.replace('_', '-'));
  }

  private static Task task(
      InventedWords.Invented made, String rule, String why, Material material) {
    String decided =
        RuleBook.opportunities(made.word()).stream()
            .filter(o -> o.rule().equals(rule))
            .findFirst()
            .map(o -> o.why())
            .orElse(why);
    return Task.open(
        made.word().spelling(),
        "/" + made.word().cut().ipa(material.accent()) + "/",
        made.legal(),
        decided);
  }

  private final class Asked implements Focus.Cases<List<Task>> {
    private final Wanted wanted;
    private final Material material;

    Asked(Wanted wanted, Material material) {
      this.wanted = wanted;
      this.material = material;
    }

    @Override
    public List<Task> rule(String id) {
      return tasks(id, "", "", wanted.count(), wanted, material);
    }

    @Override
    public List<Task> rivals(String sound, List<String> graphemes) {
      int share = (wanted.count() + graphemes.size() - 1) / graphemes.size();
      List<List<Task>> groups =
          graphemes.stream().map(g -> tasks("", g, sound, share, wanted, material)).toList();
      return Unpredictable.mix(groups, new Random(wanted.seed())).stream()
          .limit(wanted.count())
          .toList();
    }

    /** Nothing made up is irregular. */
    @Override
    public List<Task> irregular() {
      return tasks("", "", "", wanted.count(), wanted, material);
    }
  }
}

package dettato.activity.pairs;

import dettato.activity.Call;
import dettato.activity.Form;
import dettato.activity.Judged;
import dettato.activity.Markers;
import dettato.activity.Traits;
import dettato.activity.Traits.Answer;
import dettato.activity.Traits.Trait;
import dettato.activity.WordKind;
import dettato.choose.Material;
import dettato.choose.Sources;
import dettato.choose.Task;
import dettato.choose.Tasks;
import dettato.input.Unacceptable;
import dettato.plan.Pace;
import dettato.prompt.Prompt;
import java.util.List;
import java.util.Optional;

/** Two words that differ by one sound, both written. */
public final class PairsKind extends WordKind {
  public static final String ID = "pairs";
  private static final Traits TRAITS =
      Traits.of(ID, "Pairs", Answer.PAIR)
          .asks("Write both words. One sound is another.")
          .steps("say both", "what differs?", "write", "show", "check and fix")
          .example("Two words, as hop hope")
          .with(Trait.READ_BACK, Trait.LONG);

  @Override
  public Traits traits() {
    return TRAITS;
  }

  @Override
  public Optional<Tasks> tasks(Sources sources) {
    return Optional.of(new PairsApart(sources.neighbours(), sources.accent()));
  }

  private static Prompt.Pair pair(Prompt prompt) {
    return (Prompt.Pair) prompt;
  }

  @Override
  protected Prompt prompt(Task task) {
    String[] both = task.text().split(" ");
    return new Prompt.Pair(both[0], both[1]);
  }

  @Override
  public List<String> words(Prompt prompt) {
    return List.of(pair(prompt).first(), pair(prompt).second());
  }

  @Override
  protected String says(Prompt prompt, Material material) {
    return pair(prompt).first() + ", then " + pair(prompt).second();
  }

  @Override
  public Prompt own(String typed, Material material) {
    String both = typed.strip().toLowerCase(java.util.Locale.ROOT).replaceAll("[\\s,]+", " ");
    if (!both.matches("[a-z']{1,20} [a-z']{1,20}")) {
      throw new Unacceptable("A pair is two words, as in: hop hope.");
    }
    int space = both.indexOf(' ');
    return new Prompt.Pair(both.substring(0, space), both.substring(space + 1));
  }

  @Override
  public Call call(Prompt prompt, Material material) {
    return new Call(says(prompt, material), List.of(prompt.text()), 2 * Pace.writingPause(3));
  }

  @Override
  protected Form form(Prompt prompt, Material material) {
    return new Form.Room("", "", Form.Size.PAIR, 0);
  }

  @Override
  public int seconds(Prompt prompt, Material material, Pace pace) {
    return 2 * super.seconds(prompt, material, pace);
  }

  /** Each word by itself; capitals and marks are not asked. */
  @Override
  public Judged judge(Prompt prompt, String written, Markers markers) {
    return new Judged(markers.sentences().mark(prompt.text(), written).words(), List.of());
  }
}

package dettato.activity.match;

import dettato.activity.Alone;
import dettato.activity.ChoiceKind;
import dettato.activity.Form;
import dettato.activity.Traits;
import dettato.activity.Traits.Answer;
import dettato.activity.Traits.Trait;
import dettato.choose.Material;
import dettato.choose.Sources;
import dettato.choose.Task;
import dettato.choose.Tasks;
import dettato.prompt.Prompt;
import java.util.List;
import java.util.Optional;

/** Words to be joined to their meanings. */
public final class MatchKind extends ChoiceKind {
  public static final String ID = "match";
  private static final double SECONDS = 16;
  private static final Traits TRAITS =
      Traits.of(ID, "Matching", Answer.CHOICE)
          .asks("Join each word to its meaning.")
          .steps("read it", "find its meaning", "show")
          .line("ledge [a narrow shelf]")
          .count(4, 20)
          .forms(Form.Name.MATCH)
          .with(Trait.BOXED);

  @Override
  public Traits traits() {
    return TRAITS;
  }

  @Override
  public Optional<Tasks> tasks(Sources sources) {
    return Optional.of(new Match(sources.taught(), sources.homophones()));
  }

  @Override
  public List<String> words(Prompt prompt) {
    return List.of(prompt.asks());
  }

  /** The other meanings are those of the other words. */
  @Override
  protected Prompt prompt(Task task) {
    return new Prompt.Choice(task.says(), task.answer(), List.of());
  }

  @Override
  public List<Form> forms(List<Prompt> items, Material material) {
    return items.isEmpty()
        ? List.of()
        : List.of(new Form.Match(items.stream().map(Prompt::asks).toList(), meanings(items)));
  }

  /** In the order of their letters, which says nothing of the words. */
  private List<String> meanings(List<Prompt> items) {
    return items.stream().flatMap(i -> answers(i).stream()).sorted().toList();
  }

  @Override
  public List<Alone> alone(List<Prompt> items, Material material) {
    return items.stream().map(i -> Alone.choice(i.asks(), meanings(items))).toList();
  }

  @Override
  protected double secondsEach(Prompt prompt) {
    return SECONDS;
  }
}

package dettato.activity.slip;

import dettato.activity.ChoiceKind;
import dettato.activity.Traits;
import dettato.activity.Traits.Answer;
import dettato.activity.Traits.Trait;
import dettato.choose.Sources;
import dettato.choose.Task;
import dettato.choose.Tasks;
import dettato.prompt.Prompt;
import java.util.List;
import java.util.Optional;

/** The class's commonest mistake, made on purpose among right words, to be found and told. */
public final class SlipKind extends ChoiceKind {
  public static final String ID = "slip";
  private static final double SECONDS = 40;
  private static final Traits TRAITS =
      Traits.of(ID, "Find the mistake", Answer.ALOUD)
          .asks("One is wrong. Which, which rule says so, and how would it be read?")
          .steps("read them", "which one?", "which rule?", "answer")
          .line("ledge cage brige stage [brige]")
          .count(2, 20)
          .with(Trait.TO_FIND, Trait.NOT_SENT);

  @Override
  public Traits traits() {
    return TRAITS;
  }

  @Override
  public Optional<Tasks> tasks(Sources sources) {
    return Optional.of(new Slips(sources.lexicon()));
  }

  @Override
  protected Prompt prompt(Task task) {
    return new Prompt.Choice(String.join(" ", task.options()), task.answer(), List.of());
  }

  @Override
  protected double secondsEach(Prompt prompt) {
    return SECONDS;
  }
}

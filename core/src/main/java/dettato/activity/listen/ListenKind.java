package dettato.activity.listen;

import dettato.activity.ChoiceKind;
import dettato.activity.Traits;
import dettato.activity.Traits.Answer;
import dettato.activity.Traits.Trait;
import dettato.choose.Sources;
import dettato.choose.Task;
import dettato.choose.Tasks;
import dettato.prompt.Prompt;
import java.util.Optional;

/** Questions for the ear, answered aloud. */
public final class ListenKind extends ChoiceKind {
  public static final String ID = "listen";
  private static final double SECONDS = 13;
  private static final Traits TRAITS =
      Traits.of(ID, "Listening", Answer.ALOUD)
          .asks("Pencils down: listen and say.")
          .steps("ask", "answer")
          .line("Blend these sounds: sh, i, p [ship]")
          .with(Trait.QUESTION, Trait.LEVELS);

  @Override
  public Traits traits() {
    return TRAITS;
  }

  @Override
  public Optional<Tasks> tasks(Sources sources) {
    return Optional.of(
        new Listen(
            sources.taught(),
            new SpokenForms(sources.words(), sources.lexicon(), sources.accent())));
  }

  @Override
  protected Prompt prompt(Task task) {
    return choice(task, task.answer().subList(0, 1));
  }

  @Override
  protected double secondsEach(Prompt prompt) {
    return SECONDS;
  }
}

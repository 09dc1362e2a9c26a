package dettato.activity.chain;

import dettato.activity.Traits;
import dettato.activity.Traits.Answer;
import dettato.activity.Traits.Trait;
import dettato.activity.WordKind;
import dettato.choose.Material;
import dettato.choose.Sources;
import dettato.choose.Tasks;
import dettato.prompt.Prompt;
import java.util.Optional;

/** Words of which each is one sound from the last. */
public final class ChainKind extends WordKind {
  public static final String ID = "chain";
  private static final Traits TRAITS =
      Traits.of(ID, "Chain", Answer.WORD)
          .asks("Change one sound each time, and write the new word.")
          .steps("say it", "which sound?", "write", "show", "check and fix")
          .example("The next word of the chain")
          .with(Trait.READ_BACK, Trait.LEVELS);

  @Override
  public Traits traits() {
    return TRAITS;
  }

  @Override
  public Optional<Tasks> tasks(Sources sources) {
    return Optional.of(new ChainSteps(sources.neighbours()));
  }

  @Override
  protected String says(Prompt prompt, Material material) {
    return "Now make it " + due(prompt);
  }
}

package dettato.activity.join;

import dettato.activity.Traits;
import dettato.activity.Traits.Answer;
import dettato.activity.Traits.Trait;
import dettato.activity.WordKind;
import dettato.choose.Material;
import dettato.choose.Sources;
import dettato.choose.Tasks;
import dettato.input.Unacceptable;
import dettato.plan.Pace;
import dettato.prompt.Prompt;
import dettato.word.Join;
import java.util.Optional;

/** A base and an ending, said apart; the children write them joined. */
public final class JoinKind extends WordKind {
  public static final String ID = "join";
  private static final Traits TRAITS =
      Traits.of(ID, "Base and ending", Answer.WORD)
          .asks("Join the ending to the base. What happens where they meet?")
          .steps("say both", "what changes?", "write", "show", "check and fix")
          .example("A word with an ending, as hopping")
          .with(Trait.READ_BACK);

  @Override
  public Traits traits() {
    return TRAITS;
  }

  @Override
  public Optional<Tasks> tasks(Sources sources) {
    return Optional.of(new Joins(sources.taught()));
  }

  @Override
  public Prompt own(String typed, Material material) {
    Prompt word = super.own(typed, material);
    if (material.word().apply(due(word)).join().isEmpty()) {
      throw new Unacceptable(
          "'"
              + due(word)
              + "' is not built from a base and an ending that we know. Take one such as hopping.");
    }
    return word;
  }

  @Override
  protected String says(Prompt prompt, Material material) {
    return material.word().apply(due(prompt)).join().map(Join::apart).orElse(due(prompt));
  }

  @Override
  public int seconds(Prompt prompt, Material material, Pace pace) {
    return pace.word(true, false);
  }
}

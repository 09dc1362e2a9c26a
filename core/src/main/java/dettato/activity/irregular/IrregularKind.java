package dettato.activity.irregular;

import dettato.activity.Traits;
import dettato.activity.Traits.Answer;
import dettato.activity.Traits.Trait;
import dettato.activity.WordKind;
import dettato.choose.Material;
import dettato.choose.Sources;
import dettato.choose.Tasks;
import dettato.prompt.Prompt;
import java.util.Optional;

/** Words to be known by heart: their irregular part is asked from memory. */
public final class IrregularKind extends WordKind {
  public static final String ID = "irregular";
  private static final Traits TRAITS =
      Traits.of(ID, "Irregular words", Answer.WORD)
          .asks("Look at the part that is not as we say it; cover; write the word from memory.")
          .steps("say it", "look at the part", "cover", "write", "show", "check and fix")
          .example("An irregular word")
          .with(Trait.READ_BACK, Trait.BY_HEART);

  @Override
  public Traits traits() {
    return TRAITS;
  }

  @Override
  public Optional<Tasks> tasks(Sources sources) {
    return Optional.of((wanted, material) -> material.tasks().irregulars().make(wanted, material));
  }

  @Override
  protected String says(Prompt prompt, Material material) {
    return material.word().apply(due(prompt)).withClue();
  }
}

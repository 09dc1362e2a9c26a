package dettato.activity.affix;

import dettato.activity.OwnLine;
import dettato.activity.Traits;
import dettato.activity.Traits.Answer;
import dettato.activity.Traits.Trait;
import dettato.activity.WordKind;
import dettato.choose.Material;
import dettato.choose.Sources;
import dettato.choose.Task;
import dettato.choose.Tasks;
import dettato.prompt.Prompt;
import java.util.List;
import java.util.Optional;

/** A meaning, and the one word with a prefix or suffix that says it. */
public final class AffixKind extends WordKind {
  private static final String ID = "affix";
  private static final Traits TRAITS =
      Traits.of(ID, "Prefixes and suffixes", Answer.WORD)
          .asks("Write the one word that says this.")
          .steps("read it", "which word?", "write", "show", "check and fix")
          .line("without a tooth [toothless]")
          .with(Trait.SHELF_ONLY, Trait.WITHOUT_FOCUS);

  @Override
  public Traits traits() {
    return TRAITS;
  }

  @Override
  public Optional<Tasks> tasks(Sources sources) {
    return Optional.of(new AffixMeaning(sources.lexicon()));
  }

  @Override
  protected Prompt prompt(Task task) {
    return new Prompt.Choice(task.says(), task.answer(), List.of());
  }

  @Override
  public Prompt own(String typed, Material material) {
    return OwnLine.answered(typed, TRAITS.example());
  }

  @Override
  protected String due(Prompt prompt) {
    return ((Prompt.Choice) prompt).answers().get(0);
  }

  @Override
  protected String says(Prompt prompt, Material material) {
    return prompt.asks();
  }
}

package dettato.activity.gap;

import dettato.activity.Form;
import dettato.activity.Traits;
import dettato.activity.Traits.Answer;
import dettato.activity.Traits.Trait;
import dettato.activity.WordKind;
import dettato.choose.Material;
import dettato.choose.Sources;
import dettato.choose.Task;
import dettato.choose.Tasks;
import dettato.input.Unacceptable;
import dettato.prompt.Prompt;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Sentences with one word out. */
public final class GapKind extends WordKind {
  public static final String ID = "gap";
  private static final String EXAMPLE = "The gull sat on the [ledge].";
  private static final int LONGEST = 300;
  private static final Pattern TYPED = Pattern.compile("([^\\[]*)\\[([A-Za-z][A-Za-z'-]*)\\](.*)");
  private static final Traits TRAITS =
      Traits.of(ID, "Gap sentences", Answer.WORD)
          .asks("Write the word of the box that fits. Only one does.")
          .steps("read it", "which word?", "write", "show", "check and fix")
          .line(EXAMPLE)
          .with(Trait.BOXED);

  @Override
  public Traits traits() {
    return TRAITS;
  }

  @Override
  public Optional<Tasks> tasks(Sources sources) {
    return Optional.of(new Gaps(sources.reader()));
  }

  /** Sentences on anything else would be no help in a set. */
  @Override
  protected boolean mayLeaveFocus() {
    return false;
  }

  @Override
  protected Prompt prompt(Task task) {
    int at = task.says().indexOf(Gap.PLACE);
    return new Prompt.Gap(
        task.says().substring(0, at), task.text(), task.says().substring(at + Gap.PLACE.length()));
  }

  private static Prompt.Gap gap(Prompt prompt) {
    return (Prompt.Gap) prompt;
  }

  @Override
  protected String due(Prompt prompt) {
    return gap(prompt).word();
  }

  @Override
  protected String says(Prompt prompt, Material material) {
    return gap(prompt).before() + Gap.PLACE + gap(prompt).after();
  }

  /** The sentence stands there, with room for the word. */
  @Override
  protected Form form(Prompt prompt, Material material) {
    return new Form.Room(
        gap(prompt).before().strip(), gap(prompt).after().strip(), Form.Size.WORD, 0);
  }

  @Override
  public Prompt own(String typed, Material material) {
    String sentence = typed.strip().replaceAll("\\s+", " ");
    Matcher parts = TYPED.matcher(sentence);
    if (sentence.length() > LONGEST || !parts.matches()) {
      throw new Unacceptable("Put the word that is left out in brackets: " + EXAMPLE);
    }
    return new Prompt.Gap(parts.group(1), parts.group(2), parts.group(3));
  }
}

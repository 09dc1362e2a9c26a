package dettato.profile;

import dettato.notation.Parting;
import java.util.Arrays;
import java.util.List;

/** Every choice a school has, with what each option changes, in the order they are shown. */
public final class ChoiceBook {
  /** The choices, in order; the ids are the names of {@link Choices}. */
  public static final List<Choice> ALL =
      List.of(
          new Choice(
              "parting",
              "How a word is built",
              Arrays.stream(Parting.values()).map(ChoiceBook::shown).toList()),
          choice("counting", "How many sounds", Counting.values()),
          choice("checking", "When the model is shown", Checking.values()),
          choice("correcting", "What is done with a mistake", Correcting.values()),
          choice("right", "What counts as right", Rightness.values()),
          choice("byHeart", "Words to know by heart", ByHeart.values()),
          choice("sounds", "A sound to write", SoundAnswers.values()),
          choice("ahead", "Words ahead of teaching", Ahead.values()),
          choice("doubling", "The doubling rule, as children hear it", Doubling.values()));

  private ChoiceBook() {}

  /** Something schools do differently. */
  public record Choice(String id, String title, List<Shown> options) {
    public Choice {
      options = List.copyOf(options);
    }
  }

  /** An option as it is shown. */
  public record Shown(String id, String title, String changes, String example) {}

  private static Choice choice(String id, String title, Option[] options) {
    return new Choice(
        id,
        title,
        Arrays.stream(options)
            .map(o -> new Shown(o.name(), o.title(), o.changes(), o.example()))
            .toList());
  }

  private static Shown shown(Parting parting) {
    return new Shown(parting.name(), parting.title(), parting.changes(), parting.example());
  }
}

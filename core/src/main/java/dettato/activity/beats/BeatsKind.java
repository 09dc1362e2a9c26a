package dettato.activity.beats;

import dettato.activity.Traits;
import dettato.activity.Traits.Answer;
import dettato.activity.Traits.Trait;
import dettato.activity.WordKind;
import dettato.choose.Material;
import dettato.choose.Sources;
import dettato.choose.Tasks;
import dettato.prompt.Prompt;
import dettato.word.WrittenBeats;
import java.util.Optional;
import java.util.stream.Collectors;

/** Longer words, written beat by beat. */
public final class BeatsKind extends WordKind {
  public static final String ID = "beats";
  private static final Traits TRAITS =
      Traits.of(ID, "Beat by beat", Answer.WORD)
          .asks("Say the beats, write a line for each, then write it beat by beat.")
          .steps("say it", "count beats", "write", "show", "check and fix")
          .example("A longer word")
          .with(Trait.READ_BACK, Trait.LEVELS);

  @Override
  public Traits traits() {
    return TRAITS;
  }

  @Override
  public Optional<Tasks> tasks(Sources sources) {
    return Optional.of(new CutBeats(sources.taught()));
  }

  @Override
  protected String says(Prompt prompt, Material material) {
    var word = material.word().apply(due(prompt));
    return word.withClue()
        + WrittenBeats.of(word).stream()
            .map(WrittenBeats.Part::letters)
            .collect(Collectors.joining(" · ", " (", ")"));
  }
}

package dettato.activity.listen;

import dettato.choose.Task;
import dettato.find.Spoken;
import dettato.word.Word;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** A sound that stands in a word once: at the start, in the middle or at the end? */
record SayWhere(SpokenForms forms, int level, Random random) implements ListenQuestion {
  private static final List<String> PLACES = List.of("start", "middle", "end");

  @Override
  public Optional<Task> of(Word word) {
    Spoken spoken = forms.of(word);
    int sounds = spoken.size();
    if (sounds < 3 || !ListenQuestion.suits(sounds, level)) {
      return Optional.empty();
    }
    int at = random.nextInt(sounds);
    String sound = spoken.sounds().get(at);
    if (spoken.sounds().stream().filter(sound::equals).count() > 1) {
      return Optional.empty();
    }
    String place = PLACES.get(at == 0 ? 0 : at == sounds - 1 ? 2 : 1);
    return Optional.of(
        new Task(
            word.spelling(),
            "Where do you hear /%s/ in %s?".formatted(sound, word.spelling()),
            List.of(place),
            PLACES,
            "sound %d of %d".formatted(at + 1, sounds)));
  }
}

package dettato.activity.listen;

import dettato.choose.Task;
import dettato.find.Spoken;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** Three words: what do they share? One thing, and no other. */
record ShareWhat(SpokenForms forms, int level, List<Word> others, Random random)
    implements ListenQuestion {
  private static final int WORDS = 3;

  @Override
  public Optional<Task> of(Word word) {
    Spoken spoken = forms.of(word);
    Feature feature = Feature.values()[random.nextInt(Feature.values().length)];
    if (!word.isOneBeat() || !ListenQuestion.suits(spoken.size(), Math.min(level, 2))) {
      return Optional.empty();
    }
    List<Spoken> set = new ArrayList<>(List.of(spoken));
    for (Word other : others) {
      Spoken heard = forms.of(other);
      boolean sharesThis = feature.of(heard).equals(feature.of(spoken));
      boolean sharesNoOther =
          Arrays.stream(Feature.values())
              .filter(f -> f != feature)
              .allMatch(f -> set.stream().noneMatch(s -> f.of(s).equals(f.of(heard))));
      if (set.size() < WORDS
          && sharesThis
          && sharesNoOther
          && !isOverlapping(set, heard, feature)) {
        set.add(heard);
      }
    }
    if (set.size() < WORDS) {
      return Optional.empty();
    }
    String list = String.join(", ", set.stream().map(s -> s.word().spelling()).toList());
    return Optional.of(
        new Task(
            word.spelling(),
            "What do %s share?".formatted(list),
            List.of(feature.says()),
            Arrays.stream(Feature.values()).map(Feature::says).toList(),
            "/%s/ in all three, and nothing else".formatted(feature.of(spoken))));
  }

  /** The same sound elsewhere in another of them would be shared too. */
  private static boolean isOverlapping(List<Spoken> set, Spoken heard, Feature feature) {
    return set.stream()
        .anyMatch(
            s ->
                s.sounds().stream()
                    .filter(sound -> !sound.equals(feature.of(s)))
                    .anyMatch(heard.sounds()::contains));
  }
}

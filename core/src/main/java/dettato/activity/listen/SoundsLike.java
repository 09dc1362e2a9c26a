package dettato.activity.listen;

import dettato.choose.Task;
import dettato.choose.TaughtWords;
import dettato.find.Spoken;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** Which of three words begins, ends or has its vowel like this one? Exactly one does. */
record SoundsLike(SpokenForms forms, int level, List<Word> others, Random random)
    implements ListenQuestion {
  private static final int CHOICES = 3;

  @Override
  public Optional<Task> of(Word word) {
    Spoken spoken = forms.of(word);
    Feature feature = Feature.ofLevel(level);
    if (!word.isOneBeat() || spoken.size() < 3) {
      return Optional.empty();
    }
    List<String> like = new ArrayList<>();
    List<String> unlike = new ArrayList<>();
    for (Word other : others) {
      Spoken heard = forms.of(other);
      boolean same = feature.of(heard).equals(feature.of(spoken));
      if (same && like.isEmpty() && !other.spelling().equals(word.spelling())) {
        like.add(other.spelling());
      } else if (!same
          && unlike.size() + 1 < CHOICES
          && heard.sounds().stream().noneMatch(feature.of(spoken)::equals)) {
        unlike.add(other.spelling());
      }
    }
    if (like.isEmpty() || unlike.size() + 1 < CHOICES) {
      return Optional.empty();
    }
    List<String> options = new ArrayList<>(unlike);
    options.addAll(like);
    return Optional.of(
        new Task(
            word.spelling(),
            "Which %s like %s?".formatted(feature.verb(), word.spelling()),
            like,
            TaughtWords.shuffled(options, random),
            "%s: /%s/".formatted(feature.says(), feature.of(spoken))));
  }
}

package dettato.activity.listen;

import dettato.choose.Task;
import dettato.word.Word;
import java.util.List;
import java.util.Optional;

/** A word: which sounds does it have? */
record SaySounds(SpokenForms forms, int level) implements ListenQuestion {
  @Override
  public Optional<Task> of(Word word) {
    List<String> sounds = forms.of(word).sounds();
    return ListenQuestion.suits(sounds.size(), level)
        ? Optional.of(
            Task.open(
                word.spelling(),
                "Say the sounds of " + word.spelling() + ".",
                List.of(ListenQuestion.apart(sounds)),
                "to take %d sounds apart".formatted(sounds.size())))
        : Optional.empty();
  }
}

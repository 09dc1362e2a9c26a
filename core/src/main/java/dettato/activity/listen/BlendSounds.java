package dettato.activity.listen;

import dettato.choose.Task;
import dettato.word.Word;
import java.util.List;
import java.util.Optional;

/** The sounds one after the other: which word is it? */
record BlendSounds(SpokenForms forms, int level) implements ListenQuestion {
  @Override
  public Optional<Task> of(Word word) {
    List<String> sounds = forms.of(word).sounds();
    return ListenQuestion.suits(sounds.size(), level)
        ? Optional.of(
            Task.open(
                word.spelling(),
                "Which word is it? " + ListenQuestion.apart(sounds),
                List.of(word.spelling()),
                "to blend %d sounds".formatted(sounds.size())))
        : Optional.empty();
  }
}

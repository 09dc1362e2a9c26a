package dettato.activity.listen;

import dettato.choose.Task;
import dettato.find.Spoken;
import dettato.sound.Sound;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A word without a part of it: a word of a compound; the first or last sound; a sound inside a
 * cluster. What is left is a word that children know, and sounds as it does alone.
 */
record TakeAway(SpokenForms forms, int level) implements ListenQuestion {
  private static final int KNOWN = 3;

  @Override
  public Optional<Task> of(Word word) {
    return level == 1 ? ofCompound(word) : ofSounds(word);
  }

  private Optional<Task> ofCompound(Word word) {
    if (word.seam() < 0) {
      return Optional.empty();
    }
    String first = word.letters().substring(0, word.seam());
    String second = word.letters().substring(word.seam());
    Spoken whole = forms.of(word);
    int units = word.cut().unitAt(word.seam());
    int sounds = 0;
    for (int i = 0; i < units; i++) {
      Sound sound = word.cut().unit(i).sound();
      sounds += sound.isRun() ? sound.parts().size() : 1;
    }
    List<String> before = whole.sounds().subList(0, sounds);
    List<String> after = whole.sounds().subList(sounds, whole.size());
    boolean both = isWord(before, first) && isWord(after, second);
    return both
        ? Optional.of(task(word, first, second, "two words in one; one is left"))
        : Optional.empty();
  }

  private boolean isWord(List<String> sounds, String spelling) {
    return forms.said(sounds).stream().anyMatch(w -> w.spelling().equals(spelling));
  }

  private Optional<Task> ofSounds(Word word) {
    Spoken spoken = forms.of(word);
    if (!word.isOneBeat() || !word.join().isEmpty() || spoken.size() < 3) {
      return Optional.empty();
    }
    for (int at = 0; at < spoken.size(); at++) {
      boolean edge = at == 0 || at == spoken.size() - 1;
      boolean single =
          spoken.sounds().indexOf(spoken.sounds().get(at))
              == spoken.sounds().lastIndexOf(spoken.sounds().get(at));
      if (!spoken.vowels().get(at) && edge == (level == 2) && single) {
        List<String> rest = new ArrayList<>(spoken.sounds());
        String sound = rest.remove(at);
        List<Word> left = forms.said(rest).stream().filter(w -> w.commonness() <= KNOWN).toList();
        if (!left.isEmpty()) {
          return Optional.of(
              new Task(
                  word.spelling(),
                  "Say %s without /%s/.".formatted(word.spelling(), sound),
                  left.stream().map(Word::spelling).toList(),
                  List.of(),
                  edge ? "a word is left" : "a sound inside is taken out, and a word is left"));
        }
      }
    }
    return Optional.empty();
  }

  private static Task task(Word word, String without, String left, String why) {
    return Task.open(
        word.spelling(),
        "Say %s without %s.".formatted(word.spelling(), without),
        List.of(left),
        why);
  }
}

package dettato.activity.listen;

import dettato.choose.Task;
import dettato.sound.Sound;
import dettato.word.Segmentation;
import dettato.word.Word;
import dettato.word.WrittenBeats;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * How many beats: only of words that everybody says with as many. A weak vowel may be dropped
 * before r, l or n and another vowel (every, camera), and two vowels that meet may run together
 * (idea, tired).
 */
record CountBeats(int level) implements ListenQuestion {
  @Override
  public Optional<Task> of(Word word) {
    int beats = word.cut().beats();
    boolean suits = level == 1 ? beats <= 2 : beats == level || beats == level + 1;
    if (!suits || !isSure(word.cut())) {
      return Optional.empty();
    }
    String cut =
        WrittenBeats.of(word).stream()
            .map(WrittenBeats.Part::letters)
            .collect(Collectors.joining("-"));
    return Optional.of(
        Task.open(
            word.spelling(),
            "How many beats has " + word.spelling() + "?",
            List.of(String.valueOf(beats)),
            beats == 1 ? "one vowel, one beat" : "to count beats: " + cut));
  }

  private static boolean isSure(Segmentation cut) {
    for (int i = 0; i < cut.size(); i++) {
      Sound sound = cut.unit(i).sound();
      if (!sound.isVowel()) {
        continue;
      }
      boolean meets = i + 1 < cut.size() && cut.unit(i + 1).sound().first().isVowel();
      boolean glides = sound.id().equals("PRICE") || sound.id().equals("MOUTH");
      boolean liquid = i + 1 < cut.size() && "lr".contains(cut.unit(i + 1).sound().id());
      if (meets || sound.id().equals("NEAR") || glides && liquid || isDropped(cut, i)) {
        return false;
      }
      boolean fire =
          sound.isRun() && (sound.id().contains("PRICE") || sound.id().contains("MOUTH"));
      if (fire) {
        return false;
      }
    }
    return true;
  }

  private static boolean isDropped(Segmentation cut, int vowel) {
    String weak = cut.unit(vowel).sound().id();
    boolean isWeak =
        weak.equals("commA")
            || weak.equals("lettER")
            || weak.equals("KIT") && cut.unit(vowel).stress() == dettato.word.Unit.Stress.NONE;
    boolean inside = vowel > 1 && vowel + 2 < cut.size();
    return isWeak
        && inside
        && (weak.equals("lettER") && cut.unit(vowel + 1).sound().isVowel()
            || !cut.unit(vowel + 1).sound().isVowel() && cut.unit(vowel + 2).sound().isVowel());
  }
}

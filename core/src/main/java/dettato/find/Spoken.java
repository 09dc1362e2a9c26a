package dettato.find;

import dettato.sound.Accent;
import dettato.sound.Sound;
import dettato.word.Unit;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A word as a run of sounds, those of a run such as /ks/ apart.
 *
 * @param sounds as most hear them in the accent, IPA
 * @param vowels whether each is a vowel
 */
public record Spoken(Word word, List<String> sounds, List<Boolean> vowels) {
  public Spoken {
    sounds = List.copyOf(sounds);
    vowels = List.copyOf(vowels);
  }

  /** What was done to one word to make another, exactly one sound apart. */
  public enum Move {
    FIRST,
    VOWEL,
    LAST,
    ADDED,
    DROPPED,
    INSIDE
  }

  /** A word as it is said in an accent. */
  public static Spoken of(Word word, Accent accent) {
    List<String> sounds = new ArrayList<>();
    List<Boolean> vowels = new ArrayList<>();
    for (Unit unit : word.cut().units()) {
      List<Sound> parts = unit.sound().isRun() ? unit.sound().parts() : List.of(unit.sound());
      for (Sound part : parts) {
        sounds.add(accent.heard(part));
        vowels.add(part.isVowel());
      }
    }
    return new Spoken(word, sounds, vowels);
  }

  public int size() {
    return sounds.size();
  }

  /** The move to another word; empty when more than one sound differs, or none. */
  public Optional<Move> moveTo(Spoken other) {
    if (size() == other.size()) {
      return changedAt(other).map(at -> named(at, other));
    }
    if (size() + 1 == other.size()) {
      return isWithin(sounds, other.sounds) ? Optional.of(Move.ADDED) : Optional.empty();
    }
    boolean dropped = size() == other.size() + 1 && isWithin(other.sounds, sounds);
    return dropped ? Optional.of(Move.DROPPED) : Optional.empty();
  }

  /** Where the one sound stands that differs; empty when more than one does, or none. */
  Optional<Integer> changedAt(Spoken other) {
    int at = -1;
    for (int i = 0; i < size(); i++) {
      if (!sounds.get(i).equals(other.sounds.get(i))) {
        if (at >= 0) {
          return Optional.empty();
        }
        at = i;
      }
    }
    return at < 0 ? Optional.empty() : Optional.of(at);
  }

  private Move named(int at, Spoken other) {
    if (vowels.get(at) || other.vowels.get(at)) {
      return Move.VOWEL;
    }
    return at == 0 ? Move.FIRST : at == size() - 1 ? Move.LAST : Move.INSIDE;
  }

  /** Whether the longer has the shorter's sounds and one more. */
  private static boolean isWithin(List<String> shorter, List<String> longer) {
    int i = 0;
    while (i < shorter.size() && shorter.get(i).equals(longer.get(i))) {
      i++;
    }
    return shorter.subList(i, shorter.size()).equals(longer.subList(i + 1, longer.size()));
  }
}

package dettato.lexicon;

import dettato.plan.Stage;
import dettato.sound.Sound;
import dettato.sound.Sounds;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;

/**
 * Sorts correspondences into stages by counting words: which sound a letter spells most, which
 * letters a sound has most within a word and at its end, how many words have the correspondence at
 * all. Only words of one beat that are no forms of others tell what is first; each counts by its
 * commonness.
 */
final class Stages {
  /** A correspondence of fewer words than this is rare. */
  private static final int FEW = 20;

  /** What stands in no more words of one beat than this is an oddity there (add, egg; to, do). */
  private static final int ODDITIES = 4;

  /** Said so of itself before k and g: nothing else is written. */
  private static final Set<String> OF_ITSELF = Set.of("n/ŋ");

  private final Map<String, Double> oneBeat = new HashMap<>();
  private final Map<String, Integer> all = new HashMap<>();
  private final Map<String, Integer> ends = new HashMap<>();
  private final Set<String> first = new HashSet<>();
  private final Set<String> letters = new HashSet<>();

  /**
   * @param keys of a word, one a unit: grapheme and sound with a slash between
   */
  Stages(List<Word> words, Function<Word, List<String>> keys) {
    for (Word word : words) {
      List<String> of = keys.apply(word);
      new HashSet<>(of).forEach(k -> all.merge(k, 1, Integer::sum));
      if (word.cut().beats() == 1 && word.join().isEmpty()) {
        of.forEach(k -> oneBeat.merge(k, 1 / Math.sqrt(word.rank() + 50.0), Double::sum));
        ends.merge(of.get(of.size() - 1), 1, Integer::sum);
      }
    }
    Map<String, Map<String, Double>> byPlace = new HashMap<>();
    oneBeat.forEach(
        (key, weight) ->
            places(key)
                .forEach(p -> byPlace.computeIfAbsent(p, x -> new HashMap<>()).put(key, weight)));
    byPlace.values().forEach(counted -> first.add(most(counted)));
    Map<String, Map<String, Double>> byLetter = new HashMap<>();
    oneBeat.forEach(
        (key, weight) -> {
          if (isLetter(key)) {
            byLetter.computeIfAbsent(grapheme(key), g -> new HashMap<>()).put(key, weight);
          }
        });
    byLetter.values().forEach(counted -> letters.add(most(counted)));
  }

  private static String most(Map<String, Double> counted) {
    return counted.entrySet().stream().max(Map.Entry.comparingByValue()).orElseThrow().getKey();
  }

  /** Where a spelling competes with others of its sound: a vowel's within words and at the end. */
  private List<String> places(String key) {
    String sound = sound(key).id();
    String grapheme = grapheme(key);
    if (!sound(key).isVowel()) {
      return List.of(sound);
    }
    if (grapheme.contains("_")) {
      return List.of(sound + " split");
    }
    List<String> places = new ArrayList<>();
    if (grapheme.length() > 1) {
      places.add(sound);
    }
    if (isAtEnds(key)) {
      places.add(sound + " at the end");
    }
    return places;
  }

  private boolean isAtEnds(String key) {
    return ends.getOrDefault(key, 0) > ODDITIES;
  }

  /** The stage of a correspondence of words that were counted. */
  Stage of(String key) {
    Sound sound = sound(key);
    String grapheme = grapheme(key);
    if (letters.contains(key)) {
      return Stage.LETTERS;
    }
    boolean doubledEnd = isDoubled(grapheme) && isAtEnds(key);
    if (!sound.isVowel() && (doubledEnd || first.contains(key) || OF_ITSELF.contains(key))) {
      return Stage.PAIRS;
    }
    if (all.getOrDefault(key, 0) < FEW) {
      return Stage.RARE;
    }
    boolean own =
        sound.isVowel() && !sound.isWeakVowel() && !sound.isRun() && !isSpelledByLetter(sound);
    if (own && first.contains(key)) {
      return grapheme.contains("_") ? Stage.SPLIT : Stage.VOWELS;
    }
    return Stage.MORE;
  }

  private boolean isSpelledByLetter(Sound sound) {
    return letters.stream().anyMatch(k -> sound(k).equals(sound));
  }

  /** A consonant letter may be first only for a consonant, a vowel letter for a short vowel. */
  private static boolean isLetter(String key) {
    String grapheme = grapheme(key);
    if (grapheme.equals("qu")) {
      return true;
    }
    return grapheme.length() == 1
        && ("aeiou".contains(grapheme)
            ? sound(key).kind() == Sound.Kind.SHORT
            : sound(key).kind() == Sound.Kind.CONSONANT);
  }

  private static boolean isDoubled(String grapheme) {
    return grapheme.equals("ck")
        || grapheme.length() == 2 && grapheme.charAt(0) == grapheme.charAt(1);
  }

  private static String grapheme(String key) {
    return key.substring(0, key.indexOf('/'));
  }

  private static Sound sound(String key) {
    return Sounds.of(key.substring(key.indexOf('/') + 1));
  }
}

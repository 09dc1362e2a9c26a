package dettato.activity.match;

import dettato.choose.Material;
import dettato.choose.Task;
import dettato.choose.Tasks;
import dettato.choose.TaughtWords;
import dettato.choose.Wanted;
import dettato.word.Homophones;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Words to be matched with their meanings. Each word shares its start or its rime with another, so
 * that it must be read through; no two meanings share a word that tells, so that one fits one.
 */
final class Match implements Tasks {
  private static final int MORE = 4;
  private static final int LONGEST_CLUE = 60;

  /** Words of a clue that say nothing of what it means. */
  private static final Set<String> SMALL =
      Set.of(
          "a",
          "an",
          "the",
          "to",
          "of",
          "in",
          "on",
          "with",
          "for",
          "and",
          "or",
          "you",
          "your",
          "it",
          "is",
          "are",
          "that",
          "by",
          "at",
          "as",
          "from",
          "when",
          "what",
          "who",
          "where",
          "something",
          "someone",
          "one",
          "some",
          "very",
          "not",
          "be",
          "can",
          "have",
          "has",
          "make",
          "made",
          "do",
          "get",
          "into",
          "up",
          "out",
          "more",
          "than",
          "them",
          "its",
          "thing",
          "things",
          "people");

  private final TaughtWords words;
  private final Homophones homophones;

  Match(TaughtWords words, Homophones homophones) {
    this.words = words;
    this.homophones = homophones;
  }

  @Override
  public List<Task> make(Wanted wanted, Material material) {
    List<Word> set = new ArrayList<>();
    List<Word> near = candidates(wanted, material);
    for (Word word : words.some(wanted, wanted.count() * MORE, material)) {
      if (set.size() + 1 < wanted.count() && fits(word, set)) {
        List<Word> with = new ArrayList<>(set);
        with.add(word);
        near.stream()
            .filter(n -> isNear(n, word) && fits(n, with))
            .findFirst()
            .ifPresent(
                partner -> {
                  set.add(word);
                  set.add(partner);
                });
      }
    }
    Random random = new Random(wanted.seed());
    List<String> meanings = TaughtWords.shuffled(set.stream().map(Word::clue).toList(), random);
    return TaughtWords.drawn(set, set.size(), wanted.seed()).stream()
        .map(w -> new Task(w.spelling(), w.spelling(), List.of(w.clue()), meanings, why(w, set)))
        .toList();
  }

  private List<Word> candidates(Wanted wanted, Material material) {
    List<Word> known = words.known(material, wanted.without());
    return TaughtWords.drawn(known, known.size(), wanted.seed() + 1);
  }

  private static String why(Word word, List<Word> set) {
    return set.stream()
        .filter(o -> o != word && isNear(o, word))
        .findFirst()
        .map(o -> (startsAlike(o, word) ? "begins like " : "ends like ") + o.spelling())
        .orElse("");
  }

  private boolean fits(Word word, List<Word> set) {
    return !word.clue().isEmpty()
        && word.clue().length() <= LONGEST_CLUE
        && word.join().isEmpty()
        && homophones.of(word).isEmpty()
        && set.stream().noneMatch(o -> o.equals(word) || clash(o, word) || clash(word, o));
  }

  /** Whether one meaning names the other word or shares a word that tells. */
  private static boolean clash(Word one, Word other) {
    Set<String> told = told(one);
    return told.stream().anyMatch(t -> isFamily(t, other.spelling()))
        || told(other).stream().anyMatch(told::contains)
        || isFamily(one.spelling(), other.spelling());
  }

  private static boolean isFamily(String one, String other) {
    String shorter = one.length() <= other.length() ? one : other;
    String longer = one.length() <= other.length() ? other : one;
    return longer.equals(shorter) || shorter.length() > 2 && longer.startsWith(shorter);
  }

  private static Set<String> told(Word word) {
    return Arrays.stream(word.clue().toLowerCase(Locale.ROOT).split("[^a-z]+"))
        .filter(w -> w.length() > 1 && !SMALL.contains(w))
        .map(w -> w.length() > 3 && w.endsWith("s") ? w.substring(0, w.length() - 1) : w)
        .collect(Collectors.toSet());
  }

  private static boolean isNear(Word one, Word other) {
    return !one.equals(other) && (startsAlike(one, other) || rimesAlike(one, other));
  }

  /** The same two letters and sounds first. */
  private static boolean startsAlike(Word one, Word other) {
    return one.cut().size() > 2
        && other.cut().size() > 2
        && one.cut().unit(0).equals(other.cut().unit(0))
        && one.cut().unit(1).grapheme().equals(other.cut().unit(1).grapheme())
        && one.cut().unit(1).sound().equals(other.cut().unit(1).sound());
  }

  private static boolean rimesAlike(Word one, Word other) {
    int a = one.cut().size();
    int b = other.cut().size();
    int same = 0;
    while (same < Math.min(a, b)
        && one.cut().unit(a - 1 - same).grapheme().equals(other.cut().unit(b - 1 - same).grapheme())
        && one.cut().unit(a - 1 - same).sound().equals(other.cut().unit(b - 1 - same).sound())) {
      same++;
    }
    return same > 1
        && one.cut().units().subList(a - same, a).stream().anyMatch(u -> u.sound().isVowel());
  }
}

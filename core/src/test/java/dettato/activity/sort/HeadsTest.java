package dettato.activity.sort;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.activity.Kinds;
import dettato.choose.Task;
import dettato.find.SoundFigures;
import dettato.rule.RuleBook;
import dettato.rule.SpellingRule;
import dettato.word.Join;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What stands over a column is true of each word below it, told from letters, base and sounds. */
class HeadsTest {
  private static final int WORDS = 40;

  /** These have one spelling. */
  private static final Set<String> ONE_SIDED =
      Set.of("end-v", "irregular-form", "qu", "wa", "war", "wor");

  @Test
  void everyRulesKeyIsTrueOfItsWord() {
    Set<String> without = new TreeSet<>();
    List<String> wrong = new ArrayList<>();
    int asked = 0;
    for (SpellingRule rule : RuleBook.RULES) {
      Set<String> words = new HashSet<>();
      for (long seed = 1; seed <= 12 && words.size() < WORDS; seed++) {
        for (Task task : Kinds.tasks("sort", Kinds.rule(rule.id()), 1, 20, seed)) {
          String head = task.answer().get(0);
          assertTrue(task.options().size() >= 2 && task.options().contains(head), task.text());
          if (words.add(task.text()) && !isTrue(head, Kinds.word(task.text()))) {
            wrong.add(rule.id() + ": " + task.text() + " under " + head);
          }
        }
      }
      asked += words.size();
      if (words.isEmpty()) {
        without.add(rule.id());
      }
    }
    System.out.println("sorted by rules: " + asked + " words, false keys " + wrong);
    assertEquals(List.of(), wrong);
    assertEquals(ONE_SIDED, without, "rules with one spelling only have nothing to sort");
    assertTrue(asked > 700, "words: " + asked);
  }

  @Test
  void everySoundsKeyStandsInItsWordAndNoOtherSpellsTheSoundThere() {
    int asked = 0;
    for (SoundFigures.SoundFigure sound : Kinds.ENGINE.sounds()) {
      String[] rivals =
          sound.graphemes().stream().limit(3).map(s -> s.grapheme()).toArray(String[]::new);
      if (rivals.length < 2) {
        continue;
      }
      for (Task task : Kinds.tasks("sort", Kinds.rivals(sound.phoneme(), rivals), 1, 20, 3)) {
        Word word = Kinds.word(task.text());
        Set<String> there = new HashSet<>();
        for (int u = 0; u < word.cut().size(); u++) {
          if (word.cut().ipa(u, Kinds.ACCENT).equals(sound.phoneme())) {
            there.add(word.cut().unit(u).grapheme().text().replace('_', '-'));
          }
        }
        assertTrue(
            there.isEmpty() || there.equals(Set.of(task.answer().get(0))),
            task.text() + " under " + task.answer());
        assertTrue(isTrue(task.answer().get(0), word), task.text() + " under " + task.answer());
        asked++;
      }
    }
    System.out.println("sorted by sounds: " + asked + " words");
    assertTrue(asked > 200, "words: " + asked);
  }

  private static boolean isTrue(String head, Word word) {
    String letters = word.letters();
    Optional<String> base = word.join().map(Join::base);
    String heard = word.cut().ipa(Kinds.ACCENT);
    return switch (head) {
      case "one letter" -> !letters.matches(".*([b-df-hj-np-tv-z])\\1.*");
      case "two letters" -> letters.matches(".*([b-df-hj-np-tv-z])\\1.*");
      case "doubles" -> base.filter(b -> letters.startsWith(b + last(b))).isPresent();
      case "does not double" -> base.filter(b -> !letters.startsWith(b + last(b))).isPresent();
      case "e goes" ->
          base.filter(b -> afterE(b, letters).matches("(ed|e[nr].*|est|[aiouy].*)")).isPresent();
      case "e stays" ->
          Stream.concat(word.join().stream(), word.inner().stream())
              .anyMatch(j -> afterE(j.base(), letters).matches("e([^nrd].*|ness|dom)"));
      case "y changes" ->
          base.filter(b -> b.endsWith("y") && letters.startsWith(less(b) + "i")).isPresent();
      case "y stays" -> base.filter(b -> b.endsWith("y") && letters.startsWith(b)).isPresent();
      case "f changes" -> base.filter(b -> b.matches(".*fe?")).isPresent() && letters.contains("v");
      case "f stays" -> base.filter(b -> b.endsWith("f") && letters.startsWith(b)).isPresent();
      case "s as in cats" -> letters.endsWith("s") && heard.endsWith("s");
      case "s as in dogs" -> letters.endsWith("s") && heard.matches(".*([^ɪ]|[aeɔ]ɪ)z");
      case "ed as in jumped" -> letters.endsWith("ed") && heard.endsWith("t");
      case "ed as in called" -> letters.endsWith("ed") && heard.matches(".*([^ɪ]|[aeɔ]ɪ)d");
      case "ed as in wanted" -> letters.endsWith("ed") && heard.endsWith("ɪd");
      case "no e" -> !letters.endsWith("e");
      case "two words in one" -> isTwoWords(letters);
      default -> stands(head, letters);
    };
  }

  /** What stands after the base without its last e, "" where it has none. */
  private static String afterE(String base, String letters) {
    return base.endsWith("e") && letters.startsWith(less(base))
        ? letters.substring(base.length() - 1)
        : "";
  }

  /** Letters with a dash between stand apart, before or after the word's others. */
  private static boolean stands(String head, String letters) {
    if (head.startsWith("-")) {
      return letters.endsWith(head.substring(1));
    }
    if (head.endsWith("-")) {
      return letters.startsWith(less(head));
    }
    return head.contains("-")
        ? letters.matches(".*" + head.replace("-", "[^aeiou]+") + ".*")
        : letters.contains(head);
  }

  private static boolean isTwoWords(String letters) {
    for (int i = 2; i <= letters.length() - 2; i++) {
      if (Kinds.ENGINE.find(letters.substring(0, i)).isPresent()
          && Kinds.ENGINE.find(letters.substring(i)).isPresent()) {
        return true;
      }
    }
    return false;
  }

  private static String less(String letters) {
    return letters.substring(0, letters.length() - 1);
  }

  private static String last(String base) {
    return base.substring(base.length() - 1);
  }
}

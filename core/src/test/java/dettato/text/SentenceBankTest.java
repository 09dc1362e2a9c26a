package dettato.text;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.plan.TeachingSequence;
import dettato.rule.RuleBook;
import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What the bank must hold, printed as a table of what it does hold. */
class SentenceBankTest {
  private static final Accent BRITISH = Accents.of("en-GB");
  private static final TeachingSequence SEQUENCE = TeachingSequence.shipped();
  private static final SentenceBank BANK = new SentenceBank(Lexicon.shipped(), BRITISH, SEQUENCE);
  private static final List<Word> PROPOSED =
      Lexicon.shipped().words("en-GB").stream().filter(w -> w.use() == Word.Use.CHOOSE).toList();

  /** What a school wrote comes first among equals, and is shown though it needs what is to come. */
  @Test
  void aSchoolsOwnSentenceIsFoundWithTheRest() {
    SentenceBank ours = BANK.with(List.of(new Sentence("The quick limpet squints.")));
    SentenceBank.Query all =
        new SentenceBank.Query("", "", "", "", 10, 0, 0, Optional.empty(), Optional.empty(), "", 3);
    assertEquals("The quick limpet squints.", ours.find(all).get(0).sentence().text());
    assertEquals(BANK.find(all).size() + 1, ours.find(all).size());
  }

  @Test
  void everyConditionWithTenWordsHasEightSentences() {
    Map<String, Integer> words = new TreeMap<>();
    PROPOSED.forEach(
        w ->
            RuleBook.opportunities(w).stream()
                .map(o -> o.condition().id())
                .distinct()
                .forEach(c -> words.merge(c, 1, Integer::sum)));
    List<String> few = new ArrayList<>();
    words.forEach(
        (condition, n) -> {
          long there =
              count(s -> s.tests().stream().anyMatch(t -> t.condition().equals(condition)));
          System.out.printf("%-32s %5d words %4d sentences%n", condition, n, there);
          if (n >= 10 && there < 8) {
            few.add(condition + " " + there);
          }
        });
    assertEquals(List.of(), few);
  }

  @Test
  void everyCorrespondenceWithTwentyWordsHasSixSentences() {
    Map<String, Integer> words = new TreeMap<>();
    PROPOSED.forEach(w -> spelled(w).forEach(s -> words.merge(s, 1, Integer::sum)));
    List<String> few =
        words.entrySet().stream()
            .filter(e -> e.getValue() >= 20)
            .filter(e -> count(s -> s.spelled().contains(e.getKey())) < 6)
            .map(Map.Entry::getKey)
            .toList();
    assertEquals(List.of(), few);
  }

  @Test
  void everyStepFromTheFifthHasTenThatNeedNothingBeyondIt() {
    for (int step = 5; step <= SEQUENCE.last(); step++) {
      int upTo = step;
      long there = count(s -> s.unknown().isEmpty() && s.step() > 0 && s.step() <= upTo);
      assertTrue(there >= 10, "step " + step + " has " + there);
    }
  }

  @Test
  void askAndCallOneInSixNamesOneInTenAndContractions() {
    int all = BANK.all().size();
    long asked = count(s -> s.sentence().kind() != Sentence.Kind.STATEMENT);
    long names = count(s -> !s.names().isEmpty());
    long contracted = count(s -> s.sentence().text().matches(".*\\w'(t|s|re|ll|ve|m|d)\\b.*"));
    System.out.printf(
        "%d sentences, %d questions and exclamations, %d with names, %d with an apostrophe%n",
        all, asked, names, contracted);
    assertTrue(all >= 1_500);
    assertTrue(asked * 6 >= all, () -> asked + " of " + all);
    assertTrue(names * 10 >= all, () -> names + " of " + all);
    assertTrue(contracted >= 30);
  }

  /** Some grow by a word or two: of such a pair the longer begins as the shorter does. */
  @Test
  void noTwoAreAlikeUnlessOneGrowsFromTheOther() {
    List<ReadSentence> all = BANK.all();
    List<List<String>> lists = all.stream().map(s -> small(s.sentence().words())).toList();
    List<Set<String>> words = lists.stream().map(l -> (Set<String>) new HashSet<>(l)).toList();
    List<String> alike = new ArrayList<>();
    int growing = 0;
    for (int i = 0; i < all.size(); i++) {
      for (int j = i + 1; j < all.size(); j++) {
        boolean grows = grows(lists.get(i), lists.get(j)) || grows(lists.get(j), lists.get(i));
        growing += grows ? 1 : 0;
        Set<String> shared = new HashSet<>(words.get(i));
        shared.retainAll(words.get(j));
        int most = Math.max(words.get(i).size(), words.get(j).size());
        if (!grows && shared.size() > 0.7 * most) {
          alike.add(all.get(i).sentence().text() + " | " + all.get(j).sentence().text());
        }
      }
    }
    assertEquals(List.of(), alike);
    assertTrue(growing >= 40, "pairs that grow: " + growing);
  }

  @Test
  void holdsThreeToTenWordsAllKnownButNames() {
    for (ReadSentence one : BANK.all()) {
      assertTrue(one.words() >= 3 && one.words() <= 10, one.sentence().text());
      assertTrue(one.sentence().text().matches("[A-Z].*[.?!]"), one.sentence().text());
      for (String unknown : one.unknown()) {
        assertTrue(Character.isUpperCase(unknown.charAt(0)), unknown);
      }
    }
  }

  @Test
  void findsWhatIsAskedForAndBarsWhatIsNotTaught() {
    SentenceBank.Query asked =
        new SentenceBank.Query(
            "",
            "final-ch/consonant",
            "",
            "",
            60,
            4,
            8,
            Optional.of(false),
            Optional.empty(),
            "",
            3);
    List<ReadSentence> found = BANK.find(asked);
    assertFalse(found.isEmpty());
    for (ReadSentence one : found) {
      assertTrue(one.tests().stream().anyMatch(t -> t.condition().equals("final-ch/consonant")));
      assertEquals(List.of(), one.untaught(60));
      assertEquals(List.of(), one.names());
      assertTrue(one.words() >= 4 && one.words() <= 8);
    }
    assertEquals(found, BANK.find(asked));
  }

  @Test
  void marksTheLettersThatHaveWhatIsAskedFor() {
    Sentence sentence = new Sentence("Bring the cage to the edge.");
    assertEquals(List.of("ge", "dge"), marked(sentence, "final-j", "", ""));
    assertEquals(List.of("a"), marked(sentence, "", "eɪ", ""));
    assertEquals(List.of("a", "e"), marked(new Sentence("Take it."), "", "eɪ", "a_e"));
  }

  private static List<String> marked(
      Sentence sentence, String rule, String sound, String grapheme) {
    SentenceBank.Query query =
        new SentenceBank.Query(
            rule, "", sound, grapheme, 0, 0, 0, Optional.empty(), Optional.empty(), "", 1);
    return BANK.spans(sentence, query).stream()
        .map(s -> sentence.text().substring(s.from(), s.to()))
        .toList();
  }

  private static long count(Predicate<ReadSentence> fits) {
    return BANK.all().stream().filter(fits).count();
  }

  private static Set<String> spelled(Word word) {
    Set<String> all = new HashSet<>();
    IntStream.range(0, word.cut().size())
        .forEach(
            i ->
                all.add(
                    ReadSentence.spelling(
                        word.cut().ipa(i, BRITISH), word.cut().unit(i).grapheme().text())));
    return all;
  }

  private static List<String> small(List<String> words) {
    return words.stream().map(w -> w.toLowerCase(Locale.ROOT)).toList();
  }

  private static boolean grows(List<String> shorter, List<String> longer) {
    int at = 0;
    for (String word : longer) {
      at += at < shorter.size() && shorter.get(at).equals(word) ? 1 : 0;
    }
    return at == shorter.size() && longer.size() > shorter.size();
  }
}

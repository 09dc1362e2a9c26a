package dettato.exercise;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.focus.Focus;
import dettato.input.Unacceptable;
import dettato.rule.RuleBook;
import dettato.rule.SpellingRule;
import dettato.word.Word;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ExerciseBookTest {
  private static final List<Optional<Focus>> FOCUSES =
      List.of(
          Optional.empty(),
          Made.rule("final-ch"),
          Made.rule("double-before-ending"),
          Made.rivals("eɪ", "ai", "ay", "a_e"),
          Optional.of(new Focus.Irregular()));

  @ParameterizedTest
  @ValueSource(
      strings = {
        "gap",
        "sort",
        "match",
        "listen",
        "beats",
        "irregular",
        "affix",
        "made-up",
        "slip",
        "join",
        "chain",
        "pairs"
      })
  void everyKindIsSeededSaysWhyAndGivesNothingTwice(String kind) {
    int made = 0;
    for (Optional<Focus> focus : FOCUSES) {
      int levels = Made.BOOK.of(kind).hasLevels() ? Wanted.LEVELS : 1;
      for (int level = 1; level <= levels; level++) {
        List<Task> tasks = Made.of(kind, focus, level, 8, 5);
        made += tasks.size();
        assertTrue(tasks.size() <= 8);
        assertEquals(Made.of(kind, focus, level, 8, 5), tasks);
        assertEquals(tasks.size(), tasks.stream().map(Task::text).distinct().count());
        for (Task task : tasks) {
          assertFalse(task.why().isBlank(), task.toString());
          assertFalse(task.answer().isEmpty(), task.toString());
          assertTrue(task.options().isEmpty() || task.options().containsAll(task.answer()));
          assertEquals(task.options().size(), Set.copyOf(task.options()).size());
        }
      }
    }
    assertTrue(made > 20, "tasks in all: " + made);
    assertNotEquals(
        Made.of(kind, Optional.empty(), 1, 8, 5), Made.of(kind, Optional.empty(), 1, 8, 6));
  }

  @ParameterizedTest
  @ValueSource(ints = {8, 20, 45})
  void nothingUntaughtIsAsked(int step) {
    for (String kind : List.of("gap", "sort", "match", "listen", "beats", "slip")) {
      Wanted wanted = Made.wanted(Optional.empty(), 1, 8, 3);
      for (Task task : Made.BOOK.of(kind).make(wanted, Made.material(step))) {
        assertEquals(
            List.of(),
            Made.SEQUENCE.untaught(Made.word(task.text()), step, Made.ACCENT),
            kind + " " + task.text());
      }
    }
  }

  @Test
  void aMistakeIsNoWordAndTheRestAreRight() {
    int made = 0;
    for (SpellingRule rule : RuleBook.RULES) {
      for (Task task : Made.of("slip", Made.rule(rule.id()), 1, 4, 2)) {
        made++;
        String wrong = task.answer().get(0);
        assertEquals(4, task.options().size());
        for (String option : task.options()) {
          assertEquals(
              !option.equals(wrong), Made.LEXICON.find(option, "en-GB").isPresent(), option);
        }
      }
    }
    assertTrue(made > 80, "mistakes: " + made);
  }

  @Test
  void theClassesOwnMistakeComesFirst() {
    Wanted wanted =
        new Wanted(
            Optional.empty(),
            1,
            3,
            Set.of(),
            List.of("final-ch/consonant", "final-j/short"),
            Set.of("brige", "lunsh"),
            4);
    List<String> wrong =
        Made.BOOK.of("slip").make(wanted, Made.material(Made.SEQUENCE.last())).stream()
            .map(t -> t.answer().get(0))
            .toList();
    assertEquals(3, wrong.size());
    assertTrue(wrong.get(0).contains("tch"), wrong.get(0));
    assertEquals("brige", wrong.get(1), "as a child of the class wrote it");
    assertTrue(wrong.get(2).contains("tch"), wrong.get(2));
  }

  @Test
  void wordsToSortFillTwoToFourColumnsWithTwoAtLeast() {
    for (Optional<Focus> focus : FOCUSES) {
      for (long seed = 1; seed <= 5; seed++) {
        List<Task> tasks = Made.of("sort", focus, 1, 10, seed);
        List<String> columns = tasks.get(0).options();
        assertTrue(columns.size() >= 2 && columns.size() <= 4, columns.toString());
        for (String column : columns) {
          long words = tasks.stream().filter(t -> t.answer().equals(List.of(column))).count();
          assertTrue(words >= 2, column);
        }
      }
    }
    assertEquals(
        List.of("a-e", "ai", "ay"),
        Made.of("sort", Made.rivals("eɪ", "ai", "ay", "a_e"), 1, 9, 1).get(0).options());
  }

  @Test
  void oneMeaningFitsOneWord() {
    for (long seed = 1; seed <= 10; seed++) {
      List<Task> tasks = Made.of("match", Made.rule("final-k"), 1, 8, seed);
      assertTrue(tasks.size() > 5, "words: " + tasks.size());
      assertEquals(tasks.size(), tasks.stream().map(t -> t.answer().get(0)).distinct().count());
      for (Task task : tasks) {
        assertTrue(task.why().matches("(begins|ends) like .*"), task.why());
        assertTrue(
            tasks.stream()
                .noneMatch(o -> List.of(o.answer().get(0).split("[^a-z]+")).contains(task.text())));
      }
    }
  }

  @Test
  void theBaseOfASuffixIsANounAndThatOfAPrefixIsNot() {
    for (Affix affix : Affix.shipped()) {
      String pos = Made.word(affix.base()).pos();
      boolean suffix = affix.affix().startsWith("-");
      assertTrue(
          Made.LEXICON.find(affix.word(), "en-GB").isPresent()
              || Made.LEXICON.find(affix.word(), "en-US").isPresent(),
          affix.word());
      assertTrue(pos.matches(suffix ? ".*n.*" : ".*[varf].*"), affix.base() + " " + pos);
    }
  }

  @Test
  void anIrregularPartIsOneForWhatIsTaught() {
    Wanted wanted = Made.wanted(Optional.empty(), 1, 12, 1);
    Exercise irregular = Made.BOOK.of("irregular");
    int last = Made.SEQUENCE.last();
    for (int step : List.of(20, last)) {
      List<Task> tasks = irregular.make(wanted, Made.material(step));
      assertEquals(12, tasks.size());
      for (Task task : tasks) {
        Word word = Made.word(task.text());
        boolean hard = !word.irregular().isEmpty() || RuleBook.broken(word) > 0;
        boolean untaught = !Made.SEQUENCE.untaught(word, step, Made.ACCENT).isEmpty();
        assertTrue(hard || untaught, task.text());
      }
    }
  }

  /** Those of one pattern stand together; letters that say something else are told. */
  @Test
  void sharedPatternsStandTogetherAndFalseFriendsAreTold() {
    boolean like = false;
    boolean but = false;
    for (long seed = 1; seed <= 6; seed++) {
      List<Task> tasks = Made.of("irregular", Optional.empty(), 1, 20, seed);
      like |= tasks.get(0).why().contains("; like " + tasks.get(1).text());
      but |= tasks.stream().anyMatch(t -> t.why().contains("; but in "));
    }
    assertTrue(like && but);
  }

  @Test
  void anUnknownKindIsNamed() {
    Unacceptable no = assertThrows(Unacceptable.class, () -> Made.BOOK.of("riddle"));
    assertTrue(String.valueOf(no.getMessage()).contains("riddle"));
    assertTrue(String.valueOf(no.getMessage()).contains("gap, sort"));
  }
}

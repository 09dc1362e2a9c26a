package dettato.activity;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.choose.Task;
import dettato.choose.Tasks;
import dettato.choose.Wanted;
import dettato.focus.Focus;
import dettato.input.Unacceptable;
import dettato.rule.RuleBook;
import dettato.rule.SpellingRule;
import dettato.sound.Correspondence;
import dettato.sound.Correspondences;
import dettato.word.Unit;
import dettato.word.Word;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TasksTest {
  private static final List<Optional<Focus>> FOCUSES =
      List.of(
          Optional.empty(),
          Kinds.rule("final-ch"),
          Kinds.rule("double-before-ending"),
          Kinds.rivals("eɪ", "ai", "ay", "a_e"),
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
      int levels = Kinds.ALL.of(kind).traits().has(Traits.Trait.LEVELS) ? Wanted.LEVELS : 1;
      for (int level = 1; level <= levels; level++) {
        List<Task> tasks = Kinds.tasks(kind, focus, level, 8, 5);
        made += tasks.size();
        assertTrue(tasks.size() <= 8);
        assertEquals(Kinds.tasks(kind, focus, level, 8, 5), tasks);
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
        Kinds.tasks(kind, Optional.empty(), 1, 8, 5), Kinds.tasks(kind, Optional.empty(), 1, 8, 6));
  }

  @ParameterizedTest
  @ValueSource(ints = {8, 20, 45})
  void nothingUntaughtIsAsked(int step) {
    for (String kind : List.of("gap", "sort", "match", "listen", "beats", "slip")) {
      Wanted wanted = Kinds.wanted(Optional.empty(), 1, 8, 3);
      for (Task task : Kinds.TASKS.of(kind).make(wanted, Kinds.material(step))) {
        assertEquals(
            List.of(),
            Kinds.SEQUENCE.untaught(Kinds.word(task.text()), step, Kinds.ACCENT),
            kind + " " + task.text());
      }
    }
  }

  @Test
  void aMistakeIsNoWordAndTheRestAreRight() {
    int made = 0;
    for (SpellingRule rule : RuleBook.RULES) {
      for (Task task : Kinds.tasks("slip", Kinds.rule(rule.id()), 1, 4, 2)) {
        made++;
        String wrong = task.answer().get(0);
        assertEquals(4, task.options().size());
        for (String option : task.options()) {
          assertEquals(
              !option.equals(wrong), Kinds.LEXICON.find(option, "en-GB").isPresent(), option);
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
        Kinds.TASKS.of("slip").make(wanted, Kinds.material(Kinds.SEQUENCE.last())).stream()
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
        List<Task> tasks = Kinds.tasks("sort", focus, 1, 10, seed);
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
        Kinds.tasks("sort", Kinds.rivals("eɪ", "ai", "ay", "a_e"), 1, 9, 1).get(0).options());
  }

  @Test
  void oneMeaningFitsOneWord() {
    for (long seed = 1; seed <= 10; seed++) {
      List<Task> tasks = Kinds.tasks("match", Kinds.rule("final-k"), 1, 8, seed);
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
  void anIrregularPartIsOneForWhatIsTaught() {
    Wanted wanted = Kinds.wanted(Optional.empty(), 1, 12, 1);
    Tasks irregular = Kinds.TASKS.of("irregular");
    int last = Kinds.SEQUENCE.last();
    for (int step : List.of(20, last)) {
      List<Task> tasks = irregular.make(wanted, Kinds.material(step));
      assertEquals(12, tasks.size());
      for (Task task : tasks) {
        Word word = Kinds.word(task.text());
        boolean hard = !word.irregular().isEmpty() || RuleBook.broken(word) > 0;
        boolean untaught =
            word.cut().units().stream()
                .anyMatch(u -> !Kinds.SEQUENCE.isTaught(u, step, Kinds.ACCENT) || isRare(u));
        assertTrue(hard || untaught, task.text());
      }
    }
  }

  private static boolean isRare(Unit unit) {
    return Correspondences.find(unit.sound(), unit.grapheme())
        .filter(Correspondence::isUsual)
        .isEmpty();
  }

  /** Those of one pattern stand together; letters that say something else are told. */
  @Test
  void sharedPatternsStandTogetherAndFalseFriendsAreTold() {
    boolean like = false;
    boolean but = false;
    for (long seed = 1; seed <= 6; seed++) {
      List<Task> tasks = Kinds.tasks("irregular", Optional.empty(), 1, 20, seed);
      like |= tasks.get(0).why().contains("; like " + tasks.get(1).text());
      but |= tasks.stream().anyMatch(t -> t.why().contains("; but in "));
    }
    assertTrue(like && but);
  }

  @Test
  void anUnknownKindIsNamed() {
    Unacceptable no = assertThrows(Unacceptable.class, () -> Kinds.TASKS.of("riddle"));
    assertTrue(String.valueOf(no.getMessage()).contains("riddle"));
    assertTrue(String.valueOf(no.getMessage()).contains("gap, irregular"));
  }
}

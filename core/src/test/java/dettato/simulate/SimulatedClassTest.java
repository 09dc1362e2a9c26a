package dettato.simulate;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.diagnose.Diagnosis;
import dettato.diagnose.Evidence;
import dettato.diagnose.Settings;
import dettato.diagnose.Standing;
import dettato.mark.AttemptMarker;
import dettato.mark.Mark;
import dettato.plan.Choice;
import dettato.plan.TeachingSequence;
import dettato.plan.WordChooser;
import dettato.rule.Outcome;
import dettato.rule.RuleBook;
import dettato.rule.Side;
import dettato.rule.SpellingRule;
import dettato.sound.Accents;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class SimulatedClassTest {
  private static final LocalDate START = LocalDate.of(2026, 1, 5);
  private static final int LAST = TeachingSequence.shipped().last();
  private static final Lexicon LEXICON = Lexicon.shipped();
  private static final AttemptMarker MARKER = new AttemptMarker(Accents.of("en-GB"), LEXICON);
  private static final WordChooser CHOOSER =
      new WordChooser(LEXICON, Accents.of("en-GB"), TeachingSequence.shipped());

  @Test
  void spellsByItsHabitWhereTheHabitCanShow() {
    SimulatedChild child =
        new SimulatedChild("Ada", List.of(new Habit("final-j", Outcome.OVER, 1)), 0);
    SimulatedClass of = new SimulatedClass(List.of(child), 1);
    assertEquals("cadge", of.attempt(child, word("cage"), 1));
    assertEquals("ledge", of.attempt(child, word("ledge"), 1));
  }

  @Test
  void findsEachPlantedHabitAndAlmostNoOther() {
    int planted = 0;
    int found = 0;
    int others = 0;
    for (SpellingRule rule : RuleBook.RULES) {
      for (Outcome kind : List.of(Outcome.UNDER, Outcome.OVER)) {
        if (CHOOSER.candidates(rule.id(), LAST).stream().filter(c -> shows(c, kind)).count() < 12) {
          continue;
        }
        planted++;
        for (Standing s : patterns(rule.id(), kind)) {
          boolean same = s.rule().equals(rule.id()) && s.kind().name().equals(kind.name());
          found += same ? 1 : 0;
          others += same ? 0 : 1;
        }
      }
    }
    assertTrue(planted > 40, planted + " planted");
    assertTrue(found >= planted - 1, found + " of " + planted + " habits found");
    assertTrue(others <= 1, others + " patterns nobody planted");
  }

  private static boolean shows(Choice choice, Outcome kind) {
    return kind == Outcome.OVER ? !choice.at().over().isEmpty() : choice.side() == Side.DUE;
  }

  private static List<Standing> patterns(String rule, Outcome kind) {
    SimulatedChild child = new SimulatedChild("Ada", List.of(new Habit(rule, kind, 0.9)), 0.05);
    SimulatedClass of = new SimulatedClass(List.of(child), 11);
    List<Evidence> evidence = new ArrayList<>();
    int occasion = 0;
    for (SpellingRule focus : RuleBook.RULES) {
      LocalDate day = START.plusDays(2L * occasion++);
      for (Choice choice : CHOOSER.choose(request(focus.id()))) {
        Mark mark = MARKER.mark(choice.word(), of.attempt(child, choice.word(), occasion));
        mark.rules()
            .forEach(
                r ->
                    evidence.add(
                        new Evidence(
                            day,
                            mark.target().spelling(),
                            mark.attempt(),
                            r.rule(),
                            r.at().side(),
                            r.outcome())));
      }
    }
    return new Diagnosis(Settings.USUAL, START.plusDays(70))
        .standings(evidence).stream().filter(Standing::isPattern).toList();
  }

  private static WordChooser.Request request(String rule) {
    return new WordChooser.Request(rule, 12, LAST, false, Set.of(), 5);
  }

  private static Word word(String spelling) {
    return LEXICON.find(spelling, "en-GB").orElseThrow();
  }
}

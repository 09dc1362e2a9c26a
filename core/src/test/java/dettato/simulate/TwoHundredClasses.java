package dettato.simulate;

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
import dettato.rule.SpellingRule;
import dettato.sound.Accents;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * Classes whose children have planted habits, each class on three rules for nine dictations; and
 * what the findings say of them. Each class: one child without a habit, the others with one or two.
 */
final class TwoHundredClasses {
  static final int CLASSES = 200;
  static final double STRENGTH = 0.85;
  static final double NOISE = 0.06;
  private static final int WORDS = 12;
  private static final int CHILDREN = 4;
  private static final int SHOWS_AT_LEAST = 9;
  private static final LocalDate START = LocalDate.of(2026, 1, 5);
  private static final int LAST = TeachingSequence.shipped().last();
  private static final Lexicon LEXICON = Lexicon.shipped();
  private static final AttemptMarker MARKER = new AttemptMarker(Accents.of("en-GB"), LEXICON);
  private static final WordChooser CHOOSER =
      new WordChooser(LEXICON, Accents.of("en-GB"), TeachingSequence.shipped());

  /** Counts for one rule and kind after a number of dictations. */
  static final class Tally {
    int planted;
    int found;
    int wrong;
  }

  private record Planted(SimulatedChild child, Set<String> kinds) {}

  private final Map<Integer, Map<String, Tally>> tallies = new TreeMap<>();
  private final List<String> surprises = new ArrayList<>();

  /**
   * Marks everything once and diagnoses after each of these numbers of dictations.
   *
   * @param after numbers of dictations, from 1 to 9
   */
  static TwoHundredClasses run(int... after) {
    TwoHundredClasses all = new TwoHundredClasses();
    for (int c = 0; c < CLASSES; c++) {
      all.oneClass(c, after);
    }
    return all;
  }

  /** By "rule kind". */
  Map<String, Tally> after(int dictations) {
    return tallies.getOrDefault(dictations, Map.of());
  }

  double recall(int dictations) {
    int planted = after(dictations).values().stream().mapToInt(t -> t.planted).sum();
    int found = after(dictations).values().stream().mapToInt(t -> t.found).sum();
    return found / (double) planted;
  }

  double precision(int dictations) {
    int found = after(dictations).values().stream().mapToInt(t -> t.found).sum();
    int wrong = after(dictations).values().stream().mapToInt(t -> t.wrong).sum();
    return found / (double) (found + wrong);
  }

  String table(int... after) {
    StringBuilder table = new StringBuilder("rule kind planted");
    for (int dictations : after) {
      table.append(" | after ").append(dictations).append(": recall precision");
    }
    table.append('\n');
    after(after[0])
        .forEach(
            (name, first) -> {
              table.append("%-28s %4d".formatted(name, first.planted));
              for (int dictations : after) {
                Tally t = after(dictations).getOrDefault(name, new Tally());
                table.append(
                    "  %.2f %.2f"
                        .formatted(
                            t.found / (double) Math.max(1, t.planted),
                            t.found / (double) Math.max(1, t.found + t.wrong)));
              }
              table.append('\n');
            });
    return table.toString();
  }

  List<String> surprises() {
    return surprises;
  }

  private void oneClass(int number, int... after) {
    List<SpellingRule> rules = RuleBook.RULES;
    List<List<Choice>> dictations = new ArrayList<>();
    Set<String> used = new HashSet<>();
    List<String> focus = new ArrayList<>();
    for (int i = 0; i < 3; i++) {
      focus.add(rules.get((number + i * 11) % rules.size()).id());
    }
    for (int d = 0; d < 9; d++) {
      List<Choice> words = choose(focus.get(d % 3), used, number * 10L + d);
      words.forEach(w -> used.add(w.word().spelling()));
      dictations.add(words);
    }
    List<Planted> children = plant(focus, dictations, number);
    SimulatedClass of =
        new SimulatedClass(children.stream().map(Planted::child).toList(), number + 1L);
    children.forEach(child -> follow(child, of, dictations, after));
  }

  /** Words not yet used; where the rule has no more, those of earlier days again. */
  private static List<Choice> choose(String rule, Set<String> used, long seed) {
    List<Choice> words =
        CHOOSER.choose(new WordChooser.Request(rule, WORDS, LAST, false, used, seed));
    return words.size() == WORDS
        ? words
        : CHOOSER.choose(new WordChooser.Request(rule, WORDS, LAST, false, Set.of(), seed));
  }

  private static List<Planted> plant(
      List<String> focus, List<List<Choice>> dictations, int number) {
    List<List<Tendency>> showing = new ArrayList<>();
    for (String rule : focus) {
      Habit under = Habit.onSide(rule, Outcome.UNDER, STRENGTH);
      Habit over = Habit.onSide(rule, Outcome.OVER, STRENGTH);
      boolean left = shows(under, dictations);
      boolean put = shows(over, dictations);
      if (left) {
        showing.add(List.of(under));
      }
      if (put) {
        showing.add(List.of(over));
      }
      if (left && put) {
        showing.add(List.of(under, over));
      }
    }
    List<Planted> planted = new ArrayList<>();
    planted.add(new Planted(new SimulatedChild("Child 0", List.of(), NOISE), Set.of()));
    for (int i = 1; i < CHILDREN && !showing.isEmpty(); i++) {
      List<Tendency> habits = showing.get((number + i) % showing.size());
      planted.add(
          new Planted(new SimulatedChild("Child " + i, habits, NOISE), Set.of(name(habits))));
    }
    return planted;
  }

  private static String name(List<Tendency> habits) {
    Habit first = (Habit) habits.get(0);
    return first.rule() + " " + (habits.size() == 2 ? "MIXED" : first.kind());
  }

  private static boolean shows(Habit habit, List<List<Choice>> dictations) {
    long places =
        dictations.stream()
            .flatMap(List::stream)
            .map(Choice::word)
            .filter(w -> RuleBook.opportunities(w).stream().anyMatch(habit::canShow))
            .map(Word::spelling)
            .distinct()
            .count();
    return places >= SHOWS_AT_LEAST;
  }

  private void follow(
      Planted child, SimulatedClass of, List<List<Choice>> dictations, int... after) {
    List<Evidence> evidence = new ArrayList<>();
    for (int d = 0; d < dictations.size(); d++) {
      LocalDate day = START.plusDays(7L * d);
      for (Choice choice : dictations.get(d)) {
        Mark mark = MARKER.mark(choice.word(), of.attempt(child.child, choice.word(), d));
        evidence.addAll(Evidence.of(day, mark));
      }
      for (int dictation : after) {
        if (dictation == d + 1) {
          judge(child, evidence, day, dictation);
        }
      }
    }
  }

  private void judge(Planted child, List<Evidence> evidence, LocalDate day, int dictations) {
    Map<String, Tally> tally = tallies.computeIfAbsent(dictations, k -> new TreeMap<>());
    child.kinds.forEach(k -> tally.computeIfAbsent(k, x -> new Tally()).planted++);
    Set<String> found = new HashSet<>();
    for (Standing s : new Diagnosis(Settings.USUAL, day).standings(evidence)) {
      if (s.isPattern()) {
        String name = s.rule() + " " + s.kind();
        found.add(name);
        Tally t = tally.computeIfAbsent(name, x -> new Tally());
        if (child.kinds.contains(name)) {
          t.found++;
        } else {
          t.wrong++;
          surprises.add(dictations + ": " + child.kinds + " but " + name + " " + failures(s));
        }
      }
    }
    child.kinds.stream()
        .filter(k -> !found.contains(k))
        .forEach(k -> surprises.add(dictations + ": " + k + " not found, but " + found));
  }

  private static List<String> failures(Standing s) {
    return s.failed().stream().map(e -> e.target() + ">" + e.attempt()).limit(4).toList();
  }
}

package dettato.simulate;

import dettato.diagnose.Diagnosis;
import dettato.diagnose.Evidence;
import dettato.diagnose.Settings;
import dettato.diagnose.Standing;
import dettato.diagnose.Tally;
import dettato.mark.AttemptMarker;
import dettato.rule.Condition;
import dettato.rule.Opportunity;
import dettato.rule.Outcome;
import dettato.rule.RuleBook;
import dettato.rule.Side;
import dettato.rule.SpellingRule;
import dettato.sound.Accents;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * Children each of whom fails one condition of one rule, and children who fail none; what the
 * findings say of them. Every condition of every rule is planted that enough proposed words show.
 * Twelve words a day, half of them of the child's rule, both sides of it and all its conditions.
 */
final class ConditionClasses {
  private static final double NOISE = 0.06;
  private static final int WORDS = 12;
  private static final int OF_THE_RULE = 6;
  private static final int SHOWS_AT_LEAST = 6;
  private static final LocalDate START = LocalDate.of(2026, 1, 5);
  private static final Lexicon LEXICON = Lexicon.shipped();
  private static final AttemptMarker MARKER = new AttemptMarker(Accents.of("en-GB"), LEXICON);
  private static final List<Word> PROPOSED =
      LEXICON.words("en-GB").stream()
          .filter(w -> w.use() == Word.Use.CHOOSE && w.rank() <= 20_000 && w.cut().size() > 1)
          .toList();

  /** What became of the habits of one rule. */
  static final class Row {
    int planted;
    int found;
    int exact;
    int wrong;
  }

  private final Map<String, Row> rows = new TreeMap<>();
  private final List<String> surprises = new ArrayList<>();
  private int falseChildren;
  private int children;

  /**
   * @param strength how often a habit shows where it can
   * @param each how many children for each condition
   */
  static ConditionClasses planted(double strength, int days, int each) {
    ConditionClasses all = new ConditionClasses();
    for (SpellingRule rule : RuleBook.RULES) {
      Map<String, List<Word>> words = byCondition(rule);
      for (Condition condition : rule.conditions()) {
        Outcome kind = condition.side() == Side.DUE ? Outcome.UNDER : Outcome.OVER;
        Habit habit = new Habit(rule.id(), kind, Set.of(condition.id()), strength);
        if (shows(habit, words.getOrDefault(condition.id(), List.of()))) {
          for (int n = 0; n < each; n++) {
            all.child(habit, condition, words, days, n);
          }
        }
      }
    }
    return all;
  }

  /** Children without a habit, each dictated words of one rule after the other. */
  static ConditionClasses withoutHabits(int days, int children) {
    ConditionClasses all = new ConditionClasses();
    for (int n = 0; n < children; n++) {
      SpellingRule rule = RuleBook.RULES.get(n % RuleBook.RULES.size());
      SimulatedChild child = new SimulatedChild("Child " + n, List.of(), NOISE);
      List<Standing> found = all.patterns(child, byCondition(rule), days, n);
      all.children++;
      all.falseChildren += found.isEmpty() ? 0 : 1;
      found.forEach(s -> all.surprises.add("no habit, but " + told(s)));
    }
    return all;
  }

  /** Words that obey, by rule and by the condition that they test. */
  private static final Map<String, Map<String, List<Word>>> WORDS_BY = words();

  private static Map<String, Map<String, List<Word>>> words() {
    Map<String, Map<String, List<Word>>> words = new HashMap<>();
    for (Word word : PROPOSED) {
      RuleBook.opportunities(word).stream()
          .map(Opportunity::condition)
          .distinct()
          .forEach(
              c ->
                  words
                      .computeIfAbsent(c.rule(), r -> new TreeMap<>())
                      .computeIfAbsent(c.id(), k -> new ArrayList<>())
                      .add(word));
    }
    return words;
  }

  private static Map<String, List<Word>> byCondition(SpellingRule rule) {
    return WORDS_BY.getOrDefault(rule.id(), Map.of());
  }

  private static boolean shows(Habit habit, List<Word> words) {
    return words.stream()
            .filter(w -> RuleBook.opportunities(w).stream().anyMatch(habit::canShow))
            .count()
        >= SHOWS_AT_LEAST;
  }

  private void child(
      Habit habit, Condition condition, Map<String, List<Word>> words, int days, int number) {
    SimulatedChild child = new SimulatedChild(condition.id() + " " + number, List.of(habit), NOISE);
    Row row = rows.computeIfAbsent(habit.rule(), r -> new Row());
    row.planted++;
    boolean seen = false;
    for (Standing s : patterns(child, words, days, number)) {
      boolean right = s.rule().equals(habit.rule()) && s.kind().name().equals(habit.kind().name());
      if (!right) {
        row.wrong++;
        surprises.add(condition.id() + " but " + told(s));
        continue;
      }
      seen = true;
      row.found++;
      Set<String> broken = s.broken().stream().map(Tally::condition).collect(Collectors.toSet());
      row.exact += broken.equals(Set.of(condition.id())) ? 1 : 0;
      if (!broken.equals(Set.of(condition.id()))) {
        surprises.add(condition.id() + " told as " + told(s));
      }
    }
    if (!seen) {
      surprises.add(condition.id() + " not found");
    }
  }

  private List<Standing> patterns(
      SimulatedChild child, Map<String, List<Word>> words, int days, int number) {
    Random random = new Random(number * 1_000_003L + child.name().hashCode());
    SimulatedClass of = new SimulatedClass(List.of(child), number);
    List<Evidence> evidence = new ArrayList<>();
    for (int d = 0; d < days; d++) {
      LocalDate day = START.plusDays(7L * d);
      for (Word word : dictated(words, random)) {
        String written = of.attempt(child, word, d);
        evidence.addAll(Evidence.of(day, MARKER.mark(word, written)));
      }
    }
    LocalDate last = START.plusDays(7L * (days - 1));
    return new Diagnosis(Settings.USUAL, last)
        .standings(evidence).stream().filter(Standing::isPattern).toList();
  }

  /** Words of each condition of the rule in turn, from a random first, and others. */
  private static List<Word> dictated(Map<String, List<Word>> words, Random random) {
    List<String> conditions = new ArrayList<>(new TreeMap<>(words).keySet());
    Collections.shuffle(conditions, random);
    List<Word> day = new ArrayList<>();
    for (int i = 0; i < OF_THE_RULE; i++) {
      List<Word> from = words.get(conditions.get(i % conditions.size()));
      day.add(from.get(random.nextInt(Math.min(from.size(), 60))));
    }
    while (day.size() < WORDS) {
      day.add(PROPOSED.get(random.nextInt(3_000)));
    }
    return day;
  }

  private static String told(Standing s) {
    return "%s %s %s kept %s: %s"
        .formatted(
            s.rule(),
            s.kind(),
            s.broken(),
            s.kept(),
            s.failed().stream().map(e -> e.target() + ">" + e.attempt()).limit(5).toList());
  }

  double recall() {
    return sum(r -> r.found) / (double) sum(r -> r.planted);
  }

  double precision() {
    return sum(r -> r.found) / (double) (sum(r -> r.found) + sum(r -> r.wrong));
  }

  /** How many of the habits planted were found with exactly their condition. */
  double exact() {
    return sum(r -> r.exact) / (double) sum(r -> r.planted);
  }

  double falseAlarms() {
    return falseChildren / (double) children;
  }

  List<String> surprises() {
    return surprises;
  }

  private int sum(java.util.function.ToIntFunction<Row> of) {
    return rows.values().stream().mapToInt(of).sum();
  }

  String table() {
    StringBuilder table = new StringBuilder("rule planted recall precision exact\n");
    rows.forEach(
        (rule, r) ->
            table.append(
                "%-22s %4d  %.2f  %.2f  %.2f%n"
                    .formatted(
                        rule,
                        r.planted,
                        r.found / (double) r.planted,
                        r.found / (double) Math.max(1, r.found + r.wrong),
                        r.exact / (double) r.planted)));
    return table.toString();
  }
}

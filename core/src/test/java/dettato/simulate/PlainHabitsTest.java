package dettato.simulate;

import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.diagnose.Diagnosis;
import dettato.diagnose.Evidence;
import dettato.diagnose.Settings;
import dettato.diagnose.Standing;
import dettato.diagnose.Tally;
import dettato.mark.AttemptMarker;
import dettato.mark.Mark;
import dettato.rule.RuleBook;
import dettato.sound.Accents;
import dettato.table.Table;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/**
 * Whether habits are found that know nothing of the core: letters put for letters, and slips that
 * change any letter. The simulator of the core misspells at the places that the marker knows, so it
 * could agree with the marker where both are wrong.
 */
class PlainHabitsTest {
  private static final int CLASSES = 60;
  private static final int HABITS = 4;
  private static final int DICTATIONS = 9;
  private static final double STRENGTH = 0.85;
  private static final double NOISE = 0.06;
  private static final int LONGEST = 10;
  private static final LocalDate START = LocalDate.of(2026, 1, 5);
  private static final AttemptMarker MARKER =
      new AttemptMarker(Accents.of("en-GB"), Lexicon.shipped());

  /** Rows of one name, which is a rule and a kind or a condition's id, are one habit. */
  private record Row(String name, String rule, String letters, String instead) {}

  /** One habit with the words of its rule: those where it shows and those where it does not. */
  private record PlainHabit(String name, List<Row> rows, List<Word> shown, List<Word> hidden) {
    String write(String word) {
      for (Row row : rows) {
        String written = word.replaceFirst(row.letters, row.instead);
        if (!written.equals(word)) {
          return written;
        }
      }
      return word;
    }
  }

  private final Map<String, List<Word>> words = new LinkedHashMap<>();
  private final List<String> wrong = new ArrayList<>();
  private int planted;
  private int found;

  @Test
  void onAWholeSideAreFoundAndNothingElseIs() {
    List<PlainHabit> habits =
        habits(
            "plain-habits.tsv",
            r ->
                new Row(
                    r.get("rule") + " " + r.get("kind"),
                    r.get("rule"),
                    r.get("letters"),
                    r.get("instead")));
    follow(habits, s -> s.rule() + " " + s.kind());
    assertTrue(recall() >= 0.97 && precision() >= 0.97, recall() + " " + precision() + " " + wrong);
  }

  /** The name of a finding is the set of its broken conditions: it must be the one planted. */
  @Test
  void underOneConditionAreFoundWithThatConditionAlone() {
    List<PlainHabit> habits =
        habits(
            "plain-conditions.tsv",
            r ->
                new Row(
                    r.get("condition"),
                    RuleBook.condition(r.get("condition")).rule(),
                    r.get("letters"),
                    r.get("instead")));
    follow(habits, s -> s.broken().stream().map(Tally::condition).collect(Collectors.joining("+")));
    assertTrue(recall() >= 0.92 && precision() >= 0.92, recall() + " " + precision() + " " + wrong);
  }

  private void follow(List<PlainHabit> habits, Function<Standing, String> named) {
    for (int c = 0; c < CLASSES; c++) {
      Random random = new Random(c);
      List<PlainHabit> some = new ArrayList<>(habits);
      Collections.shuffle(some, random);
      oneClass(some.subList(0, HABITS), named, random);
    }
    System.out.printf(
        "plain habits after %d dictations: recall %.3f precision %.3f of %d%n",
        DICTATIONS, recall(), precision(), planted);
  }

  private double recall() {
    return found / (double) planted;
  }

  private double precision() {
    return found / (double) (found + wrong.size());
  }

  private List<PlainHabit> habits(String table, Function<dettato.table.Row, Row> parse) {
    return Table.load(PlainHabitsTest.class, table, parse).stream()
        .collect(Collectors.groupingBy(Row::name, LinkedHashMap::new, Collectors.toList()))
        .entrySet()
        .stream()
        .map(e -> habit(e.getKey(), e.getValue()))
        .toList();
  }

  private PlainHabit habit(String name, List<Row> rows) {
    PlainHabit bare = new PlainHabit(name, rows, List.of(), List.of());
    Map<Boolean, List<Word>> parts =
        wordsOf(rows.get(0).rule).stream()
            .collect(Collectors.partitioningBy(w -> !bare.write(w.letters()).equals(w.letters())));
    return new PlainHabit(name, rows, parts.get(true), parts.get(false));
  }

  private List<Word> wordsOf(String rule) {
    return words.computeIfAbsent(
        rule,
        r ->
            Lexicon.shipped().words("en-GB").stream()
                .filter(w -> w.use() == Word.Use.CHOOSE && w.letters().length() <= LONGEST)
                .filter(w -> RuleBook.opportunities(w).stream().anyMatch(o -> o.rule().equals(r)))
                .limit(400)
                .toList());
  }

  /** Each habit has a child; one more child has none. All write the same words. */
  private void oneClass(List<PlainHabit> habits, Function<Standing, String> named, Random random) {
    Map<String, List<Evidence>> papers = new LinkedHashMap<>();
    for (int d = 0; d < DICTATIONS; d++) {
      LocalDate day = START.plusDays(3L * d);
      for (Word word : dictated(habits, random)) {
        habits.forEach(h -> paper(papers, h.name, word, day, written(h, word, random)));
        paper(papers, "", word, day, slipped(word.letters(), random));
      }
    }
    planted += habits.size();
    papers.forEach((habit, evidence) -> judge(habit, evidence, named));
  }

  private static List<Word> dictated(List<PlainHabit> habits, Random random) {
    List<Word> words = new ArrayList<>();
    for (PlainHabit habit : habits) {
      boolean onlyShown = habit.hidden.isEmpty();
      for (int i = 0; i < 3; i++) {
        List<Word> from = i < 2 || onlyShown ? habit.shown : habit.hidden;
        words.add(from.get(random.nextInt(from.size())));
      }
    }
    return words;
  }

  private static String written(PlainHabit habit, Word word, Random random) {
    boolean shows = random.nextDouble() < STRENGTH;
    return slipped(shows ? habit.write(word.letters()) : word.letters(), random);
  }

  private static String slipped(String word, Random random) {
    if (random.nextDouble() >= NOISE || word.length() < 3) {
      return word;
    }
    int at = random.nextInt(word.length() - 1);
    char other = (char) ('a' + random.nextInt(26));
    return switch (random.nextInt(3)) {
      case 0 -> word.substring(0, at) + word.substring(at + 1);
      case 1 -> word.substring(0, at) + other + word.substring(at + 1);
      default ->
          word.substring(0, at) + word.charAt(at + 1) + word.charAt(at) + word.substring(at + 2);
    };
  }

  private static void paper(
      Map<String, List<Evidence>> papers, String child, Word word, LocalDate day, String written) {
    Mark mark = MARKER.mark(word, written);
    Collection<Evidence> evidence = papers.computeIfAbsent(child, c -> new ArrayList<>());
    evidence.addAll(Evidence.of(day, mark));
  }

  private void judge(String habit, List<Evidence> evidence, Function<Standing, String> named) {
    LocalDate day = START.plusDays(3L * DICTATIONS);
    new Diagnosis(Settings.USUAL, day)
        .standings(evidence).stream()
            .filter(Standing::isPattern)
            .map(named)
            .forEach(
                name -> {
                  if (name.equals(habit)) {
                    found++;
                  } else {
                    wrong.add((habit.isEmpty() ? "no habit" : habit) + " but " + name);
                  }
                });
  }
}

package dettato.explain;

import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.mark.AttemptMarker;
import dettato.mark.Mark;
import dettato.mark.Result;
import dettato.mark.UnitMark;
import dettato.mark.Verdict;
import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/**
 * One letter of a word is changed, left out or added at random, by nothing that knows sounds or
 * rules: the place that is named is the place that was changed, and no letter beside it is blamed.
 */
class OnePlaceTest {
  private static final int CHANGES = Integer.getInteger("dettato.changes", 50_000);
  private static final long SEED = 20_261_201;
  private static final String LETTERS = "abcdefghijklmnopqrstuvwxyz";
  private static final double NAMED = 0.99;

  private final Accent accent = Accents.of("en-GB");
  private final AttemptMarker marker = new AttemptMarker(accent, Lexicon.shipped());

  private int others;
  private int named;
  private int innocent;
  private int silent;
  private final List<String> missed = new ArrayList<>();

  @Test
  void thePlaceNamedIsThePlaceChanged() {
    List<Word> words =
        Lexicon.shipped().words(accent.id()).stream()
            .filter(w -> w.letters().length() > 2)
            .toList();
    Random random = new Random(SEED);
    for (int i = 0; i < CHANGES; i++) {
      Word word = words.get(random.nextInt(words.size()));
      change(word, random);
    }
    int counted = CHANGES - others;
    String said =
        "%d single changes: %d gave another word; of the others %.2f %% named at their place, %d blamed beside it, %d silent"
            .formatted(CHANGES, others, 100.0 * named / counted, innocent, silent);
    System.out.println(said);
    missed.stream().limit(40).forEach(System.out::println);
    assertTrue(named >= NAMED * counted, said);
    assertTrue(silent == 0, said);
    assertTrue(innocent == 0, said);
  }

  private void change(Word word, Random random) {
    String letters = word.letters();
    int kind = random.nextInt(3);
    int at = random.nextInt(letters.length() + (kind == 1 ? 1 : 0));
    char other = LETTERS.charAt(random.nextInt(LETTERS.length()));
    String attempt =
        switch (kind) {
          case 0 -> letters.substring(0, at) + letters.substring(at + 1);
          case 1 -> letters.substring(0, at) + other + letters.substring(at);
          default -> letters.substring(0, at) + other + letters.substring(at + 1);
        };
    Mark mark = marker.mark(word, attempt);
    if (mark.result() == Result.RIGHT || mark.realWord().isPresent()) {
      others++;
      return;
    }
    List<Fact> facts = Explanation.facts(mark, accent);
    if (facts.isEmpty()) {
      silent++;
      missed.add("silent: " + letters + " " + attempt);
      return;
    }
    // Equal repairs are one place: every place whose change gives the same letters.
    int from = same(letters, attempt);
    int to = letters.length() - same(reversed(letters), reversed(attempt));
    int first = Math.min(from, to);
    int last = Math.max(from, to);
    boolean e = from < attempt.length() && attempt.charAt(from) == 'e';
    boolean all =
        facts.stream()
            .allMatch(f -> isAt(word, f, first, last) || e && takesE(mark.units().get(f.unit())));
    if (all) {
      named++;
    } else {
      innocent++;
      missed.add(
          "%s %s %s %s"
              .formatted(
                  letters,
                  attempt,
                  mark.units().stream()
                      .filter(u -> u.verdict() != Verdict.EXACT)
                      .map(u -> u.written() + ":" + u.verdict())
                      .toList(),
                  facts.stream().map(Fact::says).toList()));
    }
  }

  /**
   * Whether a fact is about the whole (a word that changes instead of taking an ending is), or
   * about a unit that touches the letters changed.
   */
  private static boolean isAt(Word word, Fact fact, int first, int last) {
    if (fact.unit() < 0 || fact.rule().filter(r -> r.rule().equals("irregular-form")).isPresent()) {
      return true;
    }
    int start = word.cut().start(fact.unit());
    int end = start + word.cut().unit(fact.unit()).grapheme().headLength();
    int e = word.cut().silentE(fact.unit());
    return start <= last && end >= first || e >= first - 1 && e <= last;
  }

  /** Whether an e that was put in is taken as the silent e of a vowel before it. */
  private static boolean takesE(UnitMark unit) {
    return unit.written().endsWith("_e");
  }

  private static int same(String one, String other) {
    int same = 0;
    while (same < Math.min(one.length(), other.length())
        && one.charAt(same) == other.charAt(same)) {
      same++;
    }
    return same;
  }

  private static String reversed(String text) {
    return new StringBuilder(text).reverse().toString();
  }
}

package dettato.mark;

import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.sound.Correspondence;
import dettato.sound.Correspondences;
import dettato.word.Lexicon;
import dettato.word.Segmentation;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/**
 * Whether confidence is what it says, on attempts whose explanation is known because they were made
 * by it: one or two errors a word, of the sorts of {@code domain} tables, at random units.
 */
class ConfidenceTest {
  private static final Accent BRITISH = Accents.of("en-GB");
  private static final int ATTEMPTS = 6_000;

  private record Made(Word word, String attempt, List<String> written) {}

  @Test
  void explanationsAreRightAboutAsOftenAsTheirConfidenceSays() {
    Random random = new Random(21);
    List<Word> words =
        Lexicon.shipped().words("en-GB").stream()
            .filter(w -> w.use() == Word.Use.CHOOSE && w.commonness() <= 3 && w.cut().size() > 2)
            .toList();
    Map<Double, int[]> byConfidence = new TreeMap<>();
    double claimed = 0;
    int right = 0;
    int all = 0;
    while (all < ATTEMPTS) {
      Made made = make(words.get(random.nextInt(words.size())), random);
      if (made.attempt.isEmpty() || made.attempt.equals(made.word.spelling())) {
        continue;
      }
      all++;
      Mark mark = Marking.BRITISH.mark(made.word, made.attempt);
      double confidence = Marking.BRITISH.certainty(mark).confidence();
      boolean explained =
          mark.units().stream().map(UnitMark::written).toList().equals(made.written);
      int[] counts = byConfidence.computeIfAbsent(confidence, c -> new int[2]);
      counts[0]++;
      counts[1] += explained ? 1 : 0;
      right += explained ? 1 : 0;
      claimed += confidence;
    }
    StringBuilder table = new StringBuilder("confidence attempts right\n");
    byConfidence.forEach(
        (c, n) -> table.append("%.2f %5d %.2f%n".formatted(c, n[0], n[1] / (double) n[0])));
    System.out.println(table);
    byConfidence.forEach(
        (c, n) ->
            assertTrue(
                n[0] < 100 || Math.abs(n[1] / (double) n[0] - c) <= 0.1,
                c + " claimed, not so\n" + table));
    assertTrue(Math.abs(claimed - right) / all <= 0.03, claimed + " claimed, " + right + " right");
  }

  private static Made make(Word word, Random random) {
    Segmentation cut = word.cut();
    List<String> written =
        new ArrayList<>(cut.units().stream().map(u -> u.grapheme().text()).toList());
    int errors = random.nextInt(5) < 3 ? 1 : 2;
    for (int i = 0; i < errors; i++) {
      int unit = random.nextInt(written.size());
      written.set(unit, wrong(cut, unit, random));
    }
    return new Made(word, spell(written), written);
  }

  private static String wrong(Segmentation cut, int unit, Random random) {
    int sort = random.nextInt(100);
    String grapheme = cut.unit(unit).grapheme().text();
    if (sort < 45) {
      List<String> legal =
          Correspondences.legal(cut.unit(unit).sound(), BRITISH).stream()
              .filter(c -> c.use() != Correspondence.Use.RARE)
              .map(c -> c.grapheme().text())
              .filter(g -> g.indexOf('_') < 0)
              .toList();
      return legal.isEmpty() ? grapheme : legal.get(random.nextInt(legal.size()));
    }
    if (sort < 70) {
      List<String> near =
          NearSounds.of(cut.unit(unit).sound()).stream()
              .flatMap(n -> Correspondences.of(n.sound()).stream())
              .filter(c -> c.use() == Correspondence.Use.COMMON)
              .map(c -> c.grapheme().text())
              .filter(g -> g.indexOf('_') < 0)
              .toList();
      return near.isEmpty() ? grapheme : near.get(random.nextInt(near.size()));
    }
    if (sort < 85) {
      return "";
    }
    if (sort < 95 && grapheme.length() > 1) {
      return grapheme.indexOf('_') > 0
          ? grapheme.substring(0, 1)
          : grapheme.substring(0, grapheme.length() - 1);
    }
    return String.valueOf((char) ('a' + random.nextInt(26)));
  }

  /** The letters in order; the e of a split digraph follows the next unit. */
  private static String spell(List<String> written) {
    StringBuilder text = new StringBuilder();
    int owed = -1;
    for (int i = 0; i < written.size(); i++) {
      int gap = written.get(i).indexOf('_');
      text.append(gap < 0 ? written.get(i) : written.get(i).substring(0, gap));
      if (i == owed) {
        text.append('e');
      }
      owed = gap > 0 ? i + 1 : owed;
    }
    return text.toString();
  }
}

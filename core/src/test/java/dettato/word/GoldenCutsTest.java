package dettato.word;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.table.Table;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Cuts agreed by eye ({@code golden-cuts.tsv}), at least one for every correspondence in use. */
class GoldenCutsTest {
  private static final Lexicon LEXICON = Lexicon.shipped();

  record Golden(String spelling, String accent, String units) {}

  static List<Golden> goldens() {
    return Table.load(
        GoldenCutsTest.class,
        "golden-cuts.tsv",
        row -> new Golden(row.get("spelling"), row.get("accent"), row.get("units")));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("goldens")
  void cutsAsAgreed(Golden golden) {
    String accent = golden.accent.isEmpty() ? "en-US" : golden.accent;
    List<String> cuts =
        Stream.of(accent, "en-GB")
            .flatMap(a -> LEXICON.readings(golden.spelling, a))
            .map(w -> w.cut().format())
            .toList();
    assertTrue(cuts.contains(golden.units), golden.spelling + " " + cuts);
  }

  @Test
  void coversEveryCorrespondenceWithMoreThanFiveWords() {
    Map<String, Integer> counts = new HashMap<>();
    for (Word word : LEXICON.words("en-GB")) {
      if (word.use() == Word.Use.CHOOSE) {
        word.cut().units().stream()
            .map(GoldenCutsTest::key)
            .distinct()
            .forEach(k -> counts.merge(k, 1, Integer::sum));
      }
    }
    Set<String> covered = new HashSet<>();
    goldens()
        .forEach(
            g ->
                Segmentation.parse(g.spelling, g.units).units().stream()
                    .map(GoldenCutsTest::key)
                    .forEach(covered::add));
    assertTrue(goldens().size() >= 300);
    assertEquals(
        List.of(),
        counts.entrySet().stream()
            .filter(e -> e.getValue() > 5 && !covered.contains(e.getKey()))
            .map(Map.Entry::getKey)
            .sorted()
            .toList());
  }

  private static String key(Unit unit) {
    return unit.grapheme().text() + ":" + unit.sound().id();
  }
}

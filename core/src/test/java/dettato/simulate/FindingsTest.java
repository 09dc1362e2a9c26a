package dettato.simulate;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.diagnose.Leaning;
import dettato.diagnose.Leanings;
import dettato.diagnose.Settings;
import dettato.mark.AttemptMarker;
import dettato.sound.Accents;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Whether the findings are what was planted. */
class FindingsTest {
  private static final Lexicon LEXICON = Lexicon.shipped();
  private static final AttemptMarker MARKER = new AttemptMarker(Accents.of("en-GB"), LEXICON);
  private static final LocalDate DAY = LocalDate.of(2026, 1, 12);

  /** The table by rule is printed; docs/benchmarks.md keeps a copy. */
  @Test
  void findPlantedHabitsInTwoHundredClasses() {
    TwoHundredClasses all = TwoHundredClasses.run(3, 9);
    System.out.println(all.table(9, 3));
    System.out.printf(
        "after 9 dictations: recall %.3f precision %.3f; after 3: recall %.3f precision %.3f%n",
        all.recall(9), all.precision(9), all.recall(3), all.precision(3));
    assertTrue(all.recall(9) >= 0.97, () -> "recall " + all.recall(9) + all.surprises());
    assertTrue(all.precision(9) >= 0.97, () -> "precision " + all.precision(9) + all.surprises());
    assertTrue(all.recall(3) >= 0.9 && all.precision(3) >= 0.9, all.surprises()::toString);
  }

  @Test
  void findAGraphemeThatStandsForItsSoundEverywhere() {
    List<Leaning> found =
        patterns(
            new Preference("FACE", "a_e", 0.85),
            "rain train wait lake cake paint snail chain mail tape");
    assertEquals("FACE a_e", found.get(0).sound() + " " + found.get(0).written());
    assertEquals(Leaning.Kind.GRAPHEME, found.get(0).kind());
    assertEquals(1, found.size(), found.toString());
    assertTrue(found.get(0).opportunities() < 10, "lake, cake and tape cannot show it");
  }

  @Test
  void findSoundsTakenForOthersAndSoundsLost() {
    List<Leaning> thumb =
        patterns(
            new Mishearing("θ", "f", false, 0.85), "thumb thin thick path moth bath cloth fish");
    assertEquals("th-fronting", thumb.get(0).written());
    List<Leaning> nasal =
        patterns(new Mishearing("n", "", true, 0.85), "hand pond tent bend wind net ant sand");
    assertEquals("n nasal-lost", nasal.get(0).sound() + " " + nasal.get(0).written());
    assertEquals(1, thumb.size() * nasal.size(), thumb + " " + nasal);
  }

  @Test
  void whatARuleTellsIsNotToldAgainSoundBySound() {
    assertEquals(
        List.of(), leanings(List.of("badge bage", "ledge lege", "fudge fuge", "ridge rige")));
    assertEquals(1, leanings(List.of("steam steem", "cream creem")).size());
  }

  @Test
  void oneSlipIsNoPattern() {
    assertEquals(List.of(), patterns(new Mishearing("θ", "f", false, 0), "thumb thin path moth"));
    Leaning slip = leanings(List.of("thumb fum", "thin thin", "path path", "moth moth")).get(0);
    assertTrue(slip.failures() == 1 && !slip.isPattern(), slip.toString());
  }

  private static List<Leaning> patterns(Tendency tendency, String words) {
    SimulatedChild child = new SimulatedChild("Ada", List.of(tendency), 0);
    SimulatedClass of = new SimulatedClass(List.of(child), 3);
    List<String> pairs = new ArrayList<>();
    for (String word : words.split(" ")) {
      pairs.add(word + " " + of.attempt(child, word(word), 1));
    }
    return leanings(pairs).stream().filter(Leaning::isPattern).toList();
  }

  private static List<Leaning> leanings(List<String> pairs) {
    return new Leanings(Settings.USUAL, DAY)
        .of(
            pairs.stream()
                .map(p -> p.split(" "))
                .map(p -> new Leanings.Sample(DAY, MARKER.mark(word(p[0]), p[1])))
                .toList());
  }

  private static Word word(String spelling) {
    return LEXICON.find(spelling, "en-GB").orElseThrow();
  }
}

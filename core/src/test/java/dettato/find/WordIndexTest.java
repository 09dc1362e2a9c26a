package dettato.find;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.plan.TeachingSequence;
import dettato.rule.Side;
import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.word.Lexicon;
import dettato.word.Segmentation;
import dettato.word.Word;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WordIndexTest {
  private static final Accent BRITISH = Accents.of("en-GB");
  private static final WordIndex INDEX =
      new WordIndex(Lexicon.shipped(), BRITISH, TeachingSequence.shipped());

  private static List<String> find(Query query) {
    return INDEX.find(query).stream().map(Word::spelling).toList();
  }

  private static Query pattern(String pattern) {
    return query(pattern, "", "", null);
  }

  private static Query query(String pattern, String sound, String grapheme, Place place) {
    return new Query(
        pattern,
        sound,
        grapheme,
        Optional.ofNullable(place),
        0,
        0,
        0,
        0,
        Optional.empty(),
        "",
        Optional.empty(),
        0,
        -1,
        false,
        false,
        "");
  }

  @Test
  void aWeakVowelAndLAtTheEndAreFoundAsOneSound() {
    List<String> found = find(query("", "əl", "el", null));
    assertTrue(found.containsAll(List.of("camel", "tunnel", "travel")), found::toString);
    assertTrue(found.stream().noneMatch(List.of("apple", "metal", "tell")::contains));
    assertTrue(find(query("", "əl", "le", Place.END)).contains("apple"));
    assertFalse(find(query("", "əl", "el", Place.START)).contains("camel"));
  }

  @ParameterizedTest(name = "{0} finds {1} and not {2}")
  @CsvSource({
    "*ight, night, nightmare",
    "c?t, cut, cart",
    "idg, bridges, bride",
    "sh*ll, shell, shelf"
  })
  void findsByLetters(String pattern, String yes, String no) {
    List<String> found = find(pattern(pattern));
    assertTrue(found.contains(yes), yes);
    assertFalse(found.contains(no), no);
  }

  @Test
  void refusesAPatternThatIsNoLetters() {
    assertThrows(IllegalArgumentException.class, () -> find(pattern("a1")));
  }

  @Test
  void meansSoundGraphemeAndPlaceOfOneUnit() {
    List<String> found = find(query("", "eɪ", "ay", Place.END));
    assertTrue(found.contains("day") && found.contains("holiday"));
    assertFalse(found.contains("crayon"));
    assertFalse(found.contains("says"), "its ay says e");
  }

  @Test
  void listsTheCommonestFirstAndEveryWordForNoFilter() {
    List<Word> all = INDEX.find(Query.ALL);
    assertTrue(all.size() > 9_000);
    for (int i = 1; i < all.size(); i++) {
      assertTrue(all.get(i - 1).rank() <= all.get(i).rank());
    }
    assertTrue(all.stream().allMatch(w -> w.use() == Word.Use.CHOOSE));
  }

  @Test
  void countsSoundsAndBeats() {
    Query three =
        new Query(
            "",
            "",
            "",
            Optional.empty(),
            3,
            3,
            1,
            1,
            Optional.empty(),
            "",
            Optional.empty(),
            0,
            -1,
            false,
            false,
            "");
    assertTrue(
        INDEX.find(three).stream().allMatch(w -> w.cut().size() == 3 && w.cut().beats() == 1));
    assertTrue(find(three).contains("ship"));
  }

  @Test
  void findsClustersByPlace() {
    List<String> ends = find(cluster(Place.END));
    assertTrue(ends.contains("lamp") && !ends.contains("clap"));
    assertTrue(find(cluster(Place.START)).contains("clap"));
    assertTrue(find(cluster(Place.MIDDLE)).contains("basket"));
  }

  private static Query cluster(Place place) {
    return new Query(
        "",
        "",
        "",
        Optional.empty(),
        0,
        0,
        0,
        0,
        Optional.of(place),
        "",
        Optional.empty(),
        0,
        -1,
        false,
        false,
        "");
  }

  @Test
  void findsARulesTwoSides() {
    assertTrue(find(rule(Side.DUE)).contains("badge"));
    assertFalse(find(rule(Side.DUE)).contains("cage"));
    assertTrue(find(rule(Side.NOT_DUE)).contains("cage"));
  }

  private static Query rule(Side side) {
    return new Query(
        "",
        "",
        "",
        Optional.empty(),
        0,
        0,
        0,
        0,
        Optional.empty(),
        "final-j",
        Optional.of(side),
        0,
        -1,
        false,
        false,
        "");
  }

  @Test
  void keepsToBandStepHomophonesCompoundsAndEndings() {
    Query common =
        new Query(
            "",
            "",
            "",
            Optional.empty(),
            0,
            0,
            0,
            0,
            Optional.empty(),
            "",
            Optional.empty(),
            1,
            6,
            false,
            false,
            "");
    assertTrue(find(common).contains("it") && !find(common).contains("night"));
    assertTrue(find(flags(true, false, "")).containsAll(List.of("sea", "see")));
    assertTrue(find(flags(false, true, "")).contains("seashell"));
    assertTrue(find(flags(false, false, "ing")).contains("hopping"));
    assertFalse(find(flags(false, false, "ing")).contains("king"));
  }

  private static Query flags(boolean homophone, boolean compound, String ending) {
    return new Query(
        "",
        "",
        "",
        Optional.empty(),
        0,
        0,
        0,
        0,
        Optional.empty(),
        "",
        Optional.empty(),
        0,
        -1,
        homophone,
        compound,
        ending);
  }

  @Test
  void putsOwnWordsOverTheLexicons() {
    Word own =
        Word.own(
            Segmentation.parse("skerry", "s:s k:k e:'DRESS rr:r y:happY"), Word.Use.CHOOSE, "");
    Word hidden = Word.own(Segmentation.parse("badge", "b:b a:'TRAP dge:dʒ"), Word.Use.KNOW, "");
    WordIndex with = INDEX.with(List.of(own, hidden));
    assertTrue(with.find(pattern("skerry")).contains(own));
    assertTrue(with.find(pattern("badge")).stream().noneMatch(w -> w.spelling().equals("badge")));
  }

  @Test
  void choosesAsManyOfEachRivalInNoOrderToGuess() {
    RivalChooser.Request request =
        new RivalChooser.Request("eɪ", List.of("ai", "ay", "a_e"), 12, -1, Set.of("rain"), 5);
    List<Word> chosen = new RivalChooser(INDEX).choose(request);
    assertEquals(12, chosen.size());
    List<String> graphemes =
        chosen.stream().map(w -> WordIndex.graphemes(w, "eɪ", BRITISH).get(0)).toList();
    for (String rival : request.graphemes()) {
      assertEquals(4, graphemes.stream().filter(rival::equals).count(), rival);
    }
    for (int i = 2; i < graphemes.size(); i++) {
      assertFalse(Set.copyOf(graphemes.subList(i - 2, i + 1)).size() == 1, graphemes.toString());
    }
    assertTrue(chosen.stream().noneMatch(w -> w.spelling().equals("rain")));
    assertTrue(chosen.stream().allMatch(w -> INDEX.homophones(w).isEmpty()));
    assertEquals(chosen, new RivalChooser(INDEX).choose(request), "the same seed");
  }

  @Test
  void countsHowASoundIsSpelled() {
    SoundFigures.SoundFigure face =
        SoundFigures.of(INDEX, TeachingSequence.shipped()).stream()
            .filter(f -> f.phoneme().equals("eɪ"))
            .findFirst()
            .orElseThrow();
    double shares = face.graphemes().stream().mapToDouble(g -> g.share()).sum();
    assertEquals(1, shares, 1e-9);
    SoundFigures.GraphemeFigure ay =
        face.graphemes().stream().filter(g -> g.grapheme().equals("ay")).findFirst().orElseThrow();
    assertEquals(1, ay.start() + ay.middle() + ay.end(), 1e-9);
    assertEquals(0, ay.start(), 0.01);
    assertTrue(ay.examples().contains("day"));
    assertTrue(ay.step().isPresent());
  }
}

package dettato.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.plan.TeachingSequence.ByHeart;
import dettato.plan.TeachingSequence.Step;
import dettato.sound.Accents;
import dettato.text.ReadSentence;
import dettato.text.SentenceBank;
import dettato.word.Lexicon;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Our own order goes from simple to hard, and its words by heart are few and needed. */
class StagesTest {
  private static final TeachingSequence OURS = TeachingSequence.shipped();

  private static int at(String id) {
    return OURS.steps().stream()
        .filter(s -> s.id().equals(id))
        .mapToInt(Step::number)
        .findFirst()
        .orElseThrow(() -> new AssertionError(id));
  }

  @Test
  void everyStepBelongsToAStageAndStagesFollowEachOther() {
    Stage before = Stage.LETTERS;
    for (Step step : OURS.steps()) {
      Stage its = step.stage().orElseThrow();
      assertTrue(its.compareTo(before) >= 0, step + " after " + before);
      before = its;
    }
    assertEquals(Stage.RARE, before);
  }

  @Test
  void allLettersComeFirstEachInOneSound() {
    List<Step> letters =
        OURS.steps().stream().filter(s -> s.stage().equals(Optional.of(Stage.LETTERS))).toList();
    Set<String> seen = new HashSet<>();
    letters.forEach(s -> assertTrue(seen.add(s.grapheme().text()), s.id()));
    assertEquals(26, seen.size(), seen.toString());
  }

  /** What a teacher would say comes before what. */
  @Test
  void simpleComesBeforeHard() {
    List<List<String>> pairs =
        List.of(
            List.of("z z", "sh ʃ"),
            List.of("sh ʃ", "ee FLEECE"),
            List.of("ck k", "ai FACE"),
            List.of("ai FACE", "a_e FACE"),
            List.of("igh PRICE", "i_e PRICE"),
            List.of("a_e FACE", "tch tʃ"),
            List.of("o_e GOAT", "c s"),
            List.of("ee FLEECE", "ea FLEECE"),
            List.of("ea FLEECE", "ea DRESS"),
            List.of("ar START", "dge dʒ"),
            List.of("dge dʒ", "ti ʃ"),
            List.of("er lettER", "ure lettER"),
            List.of("ure lettER", "eigh FACE"));
    pairs.forEach(p -> assertTrue(at(p.get(0)) < at(p.get(1)), p.toString()));
    assertTrue(at("dge dʒ") > 33 && at("ai FACE") <= 20 && at("igh PRICE") <= 25);
  }

  @Test
  void aStepIsSmall() {
    for (int step = 1; step <= OURS.last(); step++) {
      int number = step;
      List<Step> its = OURS.steps().stream().filter(s -> s.number() == number).toList();
      assertTrue(!its.isEmpty() && its.size() <= 3, "step " + step);
      assertTrue(its.stream().filter(s -> s.sound().isVowel()).count() <= 1, "step " + step);
      assertTrue(OURS.byHeart(step).size() <= 3, "by heart at " + step);
    }
    assertTrue(OURS.byHeart().stream().filter(h -> h.step() <= 10).count() <= 12);
  }

  @Test
  void eachWordByHeartIsNeededByASentenceOfItsStep() {
    SentenceBank bank =
        new SentenceBank(Lexicon.shipped(), Accents.of(Accents.SOUTHERN_BRITISH), OURS);
    for (ByHeart heart : OURS.byHeart()) {
      assertTrue(
          bank.all().stream()
              .filter(s -> s.isTaught(heart.step()))
              .map(ReadSentence::sentence)
              .flatMap(s -> s.words().stream())
              .anyMatch(w -> w.toLowerCase(Locale.ROOT).equals(heart.word())),
          heart.toString());
    }
    int before = 0;
    StringBuilder counts = new StringBuilder();
    for (int step = 1; step <= 20; step++) {
      int upTo = step;
      int now = (int) bank.all().stream().filter(s -> s.isTaught(upTo)).count();
      counts.append(' ').append(now);
      assertTrue(now > before, "sentences new at " + step);
      before = now;
    }
    System.out.println("sentences by step 1 to 20:" + counts);
  }
}

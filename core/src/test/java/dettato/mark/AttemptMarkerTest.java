package dettato.mark;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.rule.Condition;
import dettato.rule.Example;
import dettato.rule.Outcome;
import dettato.rule.RuleBook;
import dettato.rule.Side;
import dettato.rule.SpellingRule;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class AttemptMarkerTest {
  @ParameterizedTest(name = "{0} written \"{1}\" is {2}")
  @CsvFileSource(resources = "golden.csv", numLinesToSkip = 1)
  void marksAsAgreedByEye(
      String target, String attempt, String result, String faults, String rules) {
    Mark mark = Marking.mark(target, attempt);
    assertEquals(
        List.of(result, faults, rules),
        List.of(mark.result().name(), Marking.faults(mark), Marking.failures(mark)));
  }

  @ParameterizedTest(name = "{0} written \"{1}\" is {2} in American English")
  @CsvFileSource(resources = "golden-us.csv", numLinesToSkip = 1)
  void marksAmericanEnglishAsAgreedByEye(
      String target, String attempt, String result, String faults, String rules) {
    Mark mark = Marking.mark(Marking.AMERICAN, target, attempt);
    assertEquals(
        List.of(result, faults, rules),
        List.of(mark.result().name(), Marking.faults(mark), Marking.failures(mark)));
  }

  static Stream<Arguments> examples() {
    return RuleBook.RULES.stream()
        .flatMap(r -> r.conditions().stream())
        .flatMap(c -> c.examples().stream().map(e -> Arguments.of(c.id(), e)));
  }

  @ParameterizedTest(name = "{0}: {1}")
  @MethodSource("examples")
  void everyConditionKeepsItsOwnExamples(String condition, Example example) {
    Mark mark = Marking.mark(example.word(), example.attempt());
    assertTrue(
        mark.rules().stream()
            .anyMatch(
                r -> r.at().condition().id().equals(condition) && r.outcome() == example.outcome()),
        () -> example + ": " + mark.rules().stream().map(r -> r.at().why()).toList());
  }

  @Test
  void everyConditionShowsWhatIsRightAndWhatFailsIt() {
    for (SpellingRule rule : RuleBook.RULES) {
      for (Condition condition : rule.conditions()) {
        Outcome failure = condition.side() == Side.DUE ? Outcome.UNDER : Outcome.OVER;
        boolean known = condition.side() == Side.BY_HEART;
        for (Outcome outcome :
            known ? List.of(Outcome.APPLIED) : List.of(Outcome.APPLIED, failure)) {
          assertTrue(
              condition.examples().stream().anyMatch(e -> e.outcome() == outcome),
              condition.id() + " shows no " + outcome);
        }
      }
    }
  }

  @Test
  void saysNothingOfARuleWhoseSoundWasMissed() {
    assertEquals(
        Outcome.UNTESTED,
        Marking.mark("badge", "ba").rules().stream()
            .filter(r -> r.rule().equals("final-j"))
            .findFirst()
            .orElseThrow()
            .outcome());
  }

  @ParameterizedTest(name = "{0} written {1} loses a {2}")
  @CsvSource({
    "lamp, lap, nasal-lost",
    "plant, pant, liquid-lost",
    "drum, jrum, affrication",
    "cab, cap, voicing",
    "thin, fin, th-fronting",
    "bib, did, mirror",
    "hem, him, vowel-neighbour",
    "milk, miwk, l-as-vowel",
    "cone, con, split-open",
    "plan, plane, split-added"
  })
  void namesTheConfusion(String target, String attempt, String confusion) {
    assertTrue(
        Marking.mark(target, attempt).units().stream()
            .anyMatch(u -> u.confusion().equals(Optional.of(confusion))));
  }

  @ParameterizedTest(name = "{0} reads as {1}")
  @CsvSource({
    "smudge, smuge, smjuːdʒ",
    "cone, con, kɒn",
    "clapping, claping, kleɪpɪŋ",
    "branch, brantch, brɑːntʃ",
    "plan, plane, pleɪn",
    "kit, cit, sɪt"
  })
  void saysHowAWrongSpellingReads(String target, String attempt, String readsAs) {
    assertEquals(readsAs, Marking.mark(target, attempt).readsAs());
  }

  @Test
  void namesHomophonesAndOtherWords() {
    assertEquals(Optional.of(Mark.RealWord.HOMOPHONE), Marking.mark("sail", "sale").realWord());
    assertEquals(Optional.of(Mark.RealWord.ANOTHER), Marking.mark("lamp", "lap").realWord());
    assertEquals(Optional.empty(), Marking.mark("lamp", "lomp").realWord());
  }

  @Test
  void theAccentDecidesWhatReadsRight() {
    assertEquals(Result.READS_RIGHT, Marking.mark("saw", "sor").result());
    assertEquals(Result.SOUND_ERROR, Marking.mark(Marking.AMERICAN, "saw", "sor").result());
  }

  @Test
  void reportsAGapOrACapitalApartFromTheSounds() {
    Mark gap = Marking.mark("sandpit", "sand pit");
    assertEquals(List.of("gap"), gap.oddities());
    assertEquals(Result.READS_RIGHT, gap.result());
    assertEquals(List.of("capital"), Marking.mark("rabbit", "raBBit").oddities());
    assertEquals(Result.RIGHT, Marking.mark("rabbit", "raBBit").result());
  }

  @Test
  void scoresElementsAsMastersonAndApelDo() {
    assertEquals(12, Marking.mark("cream", "cream").elementScore());
    assertEquals(11, Marking.mark("cream", "creem").elementScore());
  }
}

package dettato.app.text;

import dettato.app.engine.Engines;
import dettato.app.problem.Problem;
import dettato.rule.RuleBook;
import dettato.text.ReadSentence;
import dettato.text.Sentence;
import dettato.text.SentenceBank;
import dettato.text.Span;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Our sentences, searched by what their words ask. */
@RestController
@RequiredArgsConstructor
class SentenceController {
  private static final int MOST = 500;

  private final Engines engines;
  private final OwnTexts texts;

  /**
   * One sentence.
   *
   * @param untaught words that need more than is taught by the step asked for
   * @param step by which all of it is taught; past the last for what no step teaches
   * @param asked letters that have what was asked for
   * @param own its number among the school's own; null for one of ours
   * @param phrases the same in short lines, broken where the grammar allows
   */
  record BankSentence(
      String text,
      int words,
      List<ReadSentence.Test> tests,
      List<ReadSentence.Untaught> untaught,
      Sentence.Kind kind,
      int step,
      List<Span> asked,
      @Nullable Long own,
      List<String> phrases) {}

  record FoundSentences(List<BankSentence> sentences, int total) {}

  /**
   * Sentences that fit all of it, those that ask most of it first.
   *
   * @param step bars what is not taught by it; 0 bars nothing
   * @param words how many it has, as 6 or 4-8
   * @param text letters that it holds
   */
  @GetMapping("/api/sentences")
  FoundSentences sentences(
      @RequestParam(defaultValue = "en-GB") String accent,
      @RequestParam(defaultValue = "") String rule,
      @RequestParam(defaultValue = "") String condition,
      @RequestParam(defaultValue = "") String sound,
      @RequestParam(defaultValue = "") String grapheme,
      @RequestParam(defaultValue = "0") int step,
      @RequestParam(defaultValue = "") String words,
      @RequestParam(required = false) @Nullable Boolean names,
      @RequestParam(required = false) Sentence.@Nullable Kind kind,
      @RequestParam(defaultValue = "") String text,
      @RequestParam(defaultValue = "50") int limit,
      @RequestParam(defaultValue = "1") long seed) {
    if (limit < 1 || limit > MOST) {
      throw Problem.badRequest("limit is 1 to " + MOST + ", not " + limit + ".");
    }
    if (!rule.isEmpty()) {
      RuleBook.of(rule);
    }
    Range range = Range.of(words, "words");
    SentenceBank.Query query =
        new SentenceBank.Query(
            rule,
            condition,
            sound,
            grapheme,
            step,
            range.from(),
            range.to(),
            Optional.ofNullable(names),
            Optional.ofNullable(kind),
            text.strip(),
            seed);
    List<OwnText> own = texts.all();
    Map<String, Long> numbers = OwnText.numbers(own);
    SentenceBank bank = OwnText.over(engines.asked(accent).bank(), own);
    List<ReadSentence> found = bank.find(query);
    int upTo = step > 0 ? step : engines.asked(accent).sequence().last();
    return new FoundSentences(
        found.stream()
            .limit(limit)
            .map(
                s ->
                    view(
                        s,
                        upTo,
                        bank.spans(s.sentence(), query),
                        numbers.get(s.sentence().text()),
                        engines.asked(accent).phrases().of(s.sentence())))
            .toList(),
        found.size());
  }

  private static BankSentence view(
      ReadSentence read, int step, List<Span> asked, @Nullable Long own, List<String> phrases) {
    return new BankSentence(
        read.sentence().text(),
        read.words(),
        read.tests(),
        read.untaught(step),
        read.sentence().kind(),
        read.step(),
        asked,
        own,
        phrases);
  }
}

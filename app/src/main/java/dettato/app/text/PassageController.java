package dettato.app.text;

import dettato.app.engine.Engines;
import dettato.text.Passage;
import dettato.text.ReadSentence;
import dettato.text.Span;
import dettato.text.TextCheck;
import java.util.List;
import java.util.Map;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Our short texts: to read, to ask questions about, to hunt a sound through. */
@RestController
@RequiredArgsConstructor
class PassageController {
  private final Engines engines;
  private final OwnTexts texts;

  /**
   * One text.
   *
   * @param untaught words that need more than is taught by the step
   * @param columns the words that have the sound, by the grapheme that spells it; empty without one
   * @param spans the letters that spell the sound
   * @param own its number among the school's own; null for one of ours
   */
  record PassageView(
      String title,
      String text,
      int words,
      List<Passage.Question> questions,
      List<ReadSentence.Untaught> untaught,
      List<TextCheck.Count> columns,
      List<Span> spans,
      @Nullable Long own) {}

  /**
   * All texts, or those that are good for a hunt: the sound in two spellings at least and no fewer
   * than five words, the fullest first.
   *
   * @param sound in IPA; "" for all texts
   * @param step up to which step graphemes are taught, 0 for all
   */
  @GetMapping("/api/passages")
  List<PassageView> passages(
      @RequestParam(defaultValue = "en-GB") String accent,
      @RequestParam(defaultValue = "") String sound,
      @RequestParam(defaultValue = "0") int step) {
    int upTo = step > 0 ? step : engines.asked(accent).sequence().last();
    List<OwnText> own = texts.all();
    Map<String, Long> numbers = OwnText.numbers(own);
    return OwnText.over(engines.asked(accent).hunts(), own).of(sound).stream()
        .map(
            h ->
                new PassageView(
                    h.passage().title(),
                    h.passage().text(),
                    h.read().words(),
                    h.passage().questions(),
                    h.read().untaught(upTo),
                    h.columns(),
                    h.spans(),
                    numbers.get(h.passage().text())))
        .toList();
  }
}

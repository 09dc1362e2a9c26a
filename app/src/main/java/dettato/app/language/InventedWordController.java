package dettato.app.language;

import dettato.app.engine.Engines;
import dettato.app.problem.Problem;
import dettato.engine.Engine;
import dettato.plan.InventedWords;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Words that are none, for practice without memory. */
@RestController
@RequiredArgsConstructor
class InventedWordController {
  private static final int MOST = 40;
  private final Engines engines;

  /**
   * A word that is none.
   *
   * @param legal every spelling of its sounds that is right
   */
  record InventedView(String spelling, List<UnitView> units, List<String> legal) {}

  /**
   * Invented words, none asked for twice.
   *
   * @param sounds how many sounds, 0 for any
   * @param beats one or two
   * @param step up to which step of the sequence, 0 for all
   */
  @GetMapping("/api/invented-words")
  List<InventedView> words(
      @RequestParam(defaultValue = "en-GB") String accent,
      @RequestParam(defaultValue = "") String rule,
      @RequestParam(defaultValue = "") String grapheme,
      @RequestParam(defaultValue = "0") int sounds,
      @RequestParam(defaultValue = "1") int beats,
      @RequestParam(defaultValue = "0") int step,
      @RequestParam(defaultValue = "10") int count,
      @RequestParam(defaultValue = "1") long seed) {
    if (count < 1 || count > MOST) {
      throw Problem.badRequest("count is 1 to " + MOST + ", not " + count + ".");
    }
    if (beats < 1 || beats > 2) {
      throw Problem.badRequest("beats is 1 or 2, not " + beats + ".");
    }
    Engine engine = engines.asked(accent);
    int upTo = step == 0 ? engine.sequence().last() : step;
    return engine
        .invented()
        .choose(new InventedWords.Request(rule, grapheme, "", sounds, beats, upTo, count, seed))
        .stream()
        .map(
            one ->
                new InventedView(
                    one.word().spelling(),
                    UnitView.of(one.word().cut(), engine.accent()),
                    one.legal()))
        .toList();
  }
}

package dettato.app.language;

import dettato.app.engine.Engines;
import dettato.app.problem.Problem;
import dettato.app.terms.Prose;
import dettato.engine.Engine;
import dettato.find.Place;
import dettato.find.Query;
import dettato.reading.Proposer;
import dettato.rule.Side;
import dettato.word.Segmentation;
import dettato.word.Word;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import lombok.RequiredArgsConstructor;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Words: one with its cut and other readings, proposals for one not known, and lists by search. */
@RestController
@RequiredArgsConstructor
class WordController {
  private static final int MOST = 1000;
  private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{M}'’ -]+");
  private final Engines engines;

  record WordList(List<WordView> words, int total) {}

  /**
   * A cut.
   *
   * @param confidence how sure it is, 0 to 1
   * @param clue of a reading that is known (wind), "" otherwise
   */
  record ProposalView(List<UnitView> units, double confidence, @Prose String clue) {}

  record Proposals(String spelling, WordView.Source source, List<ProposalView> proposals) {}

  /** A word cut into its sounds and graphemes, with the rules that decide in it. */
  @GetMapping("/api/words/{spelling}")
  WordView word(
      @PathVariable String spelling, @RequestParam(defaultValue = "en-GB") String accent) {
    Engine engine = engines.asked(accent);
    String word = asWord(spelling);
    Optional<Word> known = engine.find(word);
    return WordView.of(known.orElseGet(() -> engine.word(word)), engine, source(known.isPresent()));
  }

  /** Every reading of a spelling; one that is not known has the best guess. */
  @GetMapping("/api/words/{spelling}/readings")
  List<WordView> readings(
      @PathVariable String spelling, @RequestParam(defaultValue = "en-GB") String accent) {
    Engine engine = engines.asked(accent);
    String word = asWord(spelling);
    List<Word> known = engine.readings(word);
    List<Word> shown = known.isEmpty() ? List.of(engine.word(word)) : known;
    return shown.stream().map(w -> WordView.of(w, engine, source(!known.isEmpty()))).toList();
  }

  /**
   * How a word may be said and cut, the surest first; a known word's readings come alone, the one
   * that dictations mean first.
   */
  @GetMapping("/api/words/{spelling}/proposals")
  Proposals proposals(
      @PathVariable String spelling,
      @RequestParam(defaultValue = "en-GB") String accent,
      @RequestParam(defaultValue = "5") int limit) {
    checkLimit(limit);
    Engine engine = engines.asked(accent);
    String word = asWord(spelling);
    List<Word> known = engine.everyReading(word);
    List<ProposalView> shown =
        known.isEmpty()
            ? Proposer.shipped().propose(word, engine.accent(), Math.max(1, limit)).stream()
                .map(p -> view(p.cut(), p.confidence(), "", engine))
                .toList()
            : known.stream().map(w -> view(w.cut(), 1, w.clue(), engine)).toList();
    String written = known.isEmpty() ? engine.word(word).spelling() : known.get(0).spelling();
    return new Proposals(written, source(!known.isEmpty()), shown);
  }

  private static ProposalView view(
      Segmentation cut, double confidence, String clue, Engine engine) {
    return new ProposalView(UnitView.of(cut, engine.accent()), confidence, clue);
  }

  /** Words by search; every filter may be left out, all that are given must hold. */
  @GetMapping("/api/words")
  WordList words(
      @RequestParam(defaultValue = "") String pattern,
      @RequestParam(defaultValue = "") String rule,
      @RequestParam(required = false) Optional<Side> side,
      @RequestParam(defaultValue = "") String grapheme,
      @RequestParam(defaultValue = "") String sound,
      @RequestParam(required = false) Optional<Place> position,
      @RequestParam(required = false) Optional<Place> cluster,
      @RequestParam(defaultValue = "0") int minSounds,
      @RequestParam(defaultValue = "0") int maxSounds,
      @RequestParam(defaultValue = "0") int minBeats,
      @RequestParam(defaultValue = "0") int maxBeats,
      @RequestParam(defaultValue = "0") int commonness,
      @RequestParam(defaultValue = "-1") int taughtBy,
      @RequestParam(defaultValue = "false") boolean homophone,
      @RequestParam(defaultValue = "false") boolean compound,
      @RequestParam(defaultValue = "") String ending,
      @RequestParam(defaultValue = "en-GB") String accent,
      @RequestParam(defaultValue = "50") int limit,
      @RequestParam(defaultValue = "0") int offset) {
    checkLimit(limit);
    if (offset < 0) {
      throw Problem.badRequest("offset is " + offset + "; it must be 0 or more.");
    }
    Engine engine = engines.asked(accent);
    Query query =
        new Query(
            pattern,
            sound,
            grapheme,
            position,
            minSounds,
            maxSounds,
            minBeats,
            maxBeats,
            cluster,
            rule,
            side,
            commonness,
            taughtBy,
            homophone,
            compound,
            ending);
    List<Word> found = engine.index().find(query);
    return new WordList(
        found.stream()
            .skip(offset)
            .limit(limit)
            .map(w -> WordView.of(w, engine, WordView.Source.LEXICON))
            .toList(),
        found.size());
  }

  /**
   * @throws Problem 400 for anything but letters, with apostrophes, hyphens or spaces inside
   */
  private static String asWord(String spelling) {
    String word = spelling.strip();
    if (!WORD.matcher(word).matches() || word.codePoints().noneMatch(Character::isLetter)) {
      throw Problem.badRequest(
          "'"
              + word
              + "' is no word. Write letters; an apostrophe, a hyphen or a space may stand among"
              + " them.");
    }
    return word;
  }

  private static void checkLimit(int limit) {
    if (limit < 0 || limit > MOST) {
      throw Problem.badRequest("limit is " + limit + "; it must be from 0 to " + MOST + ".");
    }
  }

  private static WordView.Source source(boolean known) {
    return known ? WordView.Source.LEXICON : WordView.Source.GUESS;
  }
}

package dettato.app.text;

import dettato.app.engine.Engines;
import dettato.app.problem.Problem;
import dettato.find.Chains;
import dettato.find.MinimalPairs;
import dettato.find.Spoken;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Words one sound apart: chains and pairs. */
@RestController
@RequiredArgsConstructor
class ChainController {
  private static final int LONGEST = 30;
  private static final int FEWEST_SOUNDS = 2;
  private static final int MOST_SOUNDS = 6;
  private static final int MOST_PAIRS = 200;

  private final Engines engines;

  /**
   * A chain.
   *
   * @param moves what is done to each word to make the next, one shorter than the words
   */
  record ChainView(List<String> words, List<Spoken.Move> moves) {}

  /** Two words and the sounds by which they differ. */
  record PairView(String a, String b, String differs) {}

  record FoundPairs(List<PairView> pairs, int total) {}

  /**
   * A chain of taught words, each one sound from the last.
   *
   * @param step 0 for all that is taught
   * @param sounds of each word, as 3 or 3-4
   * @param doubled whether words end in ff, ll, ss, zz or ck; left open when not said
   */
  @GetMapping("/api/chains")
  ChainView chain(
      @RequestParam(defaultValue = "en-GB") String accent,
      @RequestParam(defaultValue = "0") int step,
      @RequestParam(defaultValue = "8") int length,
      @RequestParam(defaultValue = "") String start,
      @RequestParam(defaultValue = "") String sounds,
      @RequestParam(required = false) @Nullable Boolean doubled,
      @RequestParam(defaultValue = "1") long seed) {
    if (length < 2 || length > LONGEST) {
      throw Problem.badRequest("length is 2 to " + LONGEST + ", not " + length + ".");
    }
    Range range = Range.of(sounds, "sounds");
    Chains.Chain found =
        engines
            .asked(accent)
            .chains()
            .find(
                new Chains.Request(
                    length,
                    start.strip(),
                    range.from() == 0 ? FEWEST_SOUNDS : range.from(),
                    range.to() == 0 ? MOST_SOUNDS : range.to(),
                    Optional.ofNullable(doubled),
                    step == 0 ? engines.asked(accent).sequence().last() : step,
                    Set.of(),
                    seed));
    if (found.words().size() < length) {
      throw Problem.notFound(none(found, length, start.strip()));
    }
    return new ChainView(spelled(found), found.moves());
  }

  private static String none(Chains.Chain longest, int length, String start) {
    if (longest.words().isEmpty()) {
      return start.isEmpty()
          ? "No taught word fits. Allow more sounds, or a later step."
          : "'"
              + start
              + "' is no short word we propose that is taught and fits. Try another start.";
    }
    return "%s; the longest %s %d: %s."
        .formatted(
            longest.sure()
                ? "There is no chain of " + length + " words here"
                : "No chain of " + length + " words was found",
            longest.sure() ? "has" : "of those tried has",
            longest.words().size(),
            String.join(", ", spelled(longest)));
  }

  private static List<String> spelled(Chains.Chain chain) {
    return chain.words().stream().map(s -> s.word().spelling()).toList();
  }

  /**
   * Pairs of taught words that differ by one sound.
   *
   * @param word one of the two; with it every contrast is wanted
   * @param contrast voicing, split-vowel, vowel:TRAP-DRESS, sound:p-b or a rule's id
   */
  @GetMapping("/api/pairs")
  FoundPairs pairs(
      @RequestParam(defaultValue = "en-GB") String accent,
      @RequestParam(defaultValue = "0") int step,
      @RequestParam(defaultValue = "split-vowel") String contrast,
      @RequestParam(defaultValue = "") String word,
      @RequestParam(defaultValue = "40") int limit) {
    if (limit < 1 || limit > MOST_PAIRS) {
      throw Problem.badRequest("limit is 1 to " + MOST_PAIRS + ", not " + limit + ".");
    }
    int upTo = step == 0 ? engines.asked(accent).sequence().last() : step;
    MinimalPairs pairs = engines.asked(accent).pairs();
    List<MinimalPairs.Pair> found =
        word.isBlank() ? pairs.of(contrast, upTo) : pairs.with(word.strip(), upTo);
    return new FoundPairs(
        found.stream()
            .limit(limit)
            .map(p -> new PairView(p.a().word().spelling(), p.b().word().spelling(), p.differs()))
            .toList(),
        found.size());
  }
}

package dettato.app.marking;

import com.fasterxml.jackson.databind.annotation.JsonSerialize;
import dettato.activity.Judged;
import dettato.app.engine.Engines;
import dettato.app.problem.Problem;
import dettato.engine.Engine;
import dettato.input.Unacceptable;
import dettato.mark.Mark;
import dettato.mark.SentenceMarker;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.stream.IntStream;
import lombok.RequiredArgsConstructor;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Marks pairs without storing anything, and says how far marking anew has come. */
@RestController
@RequiredArgsConstructor
class PreviewController {
  private static final int LONGEST = 2000;
  private static final int LETTERS = 1_000_000;
  private static final int WORDS = 150;

  private final Engines engines;
  private final Remarker remarker;

  /** A word and what was written. */
  record Pair(@NotNull String target, @NotNull String attempt) {}

  record Pairs(@NotBlank String accent, @NotNull @Size(max = 10_000) List<Pair> pairs) {}

  @JsonSerialize(using = ResultsJson.class)
  record Results(List<MarkView> results) {}

  record SentencePair(
      @NotBlank String accent,
      @NotNull @Size(max = LONGEST) String target,
      @NotNull @Size(max = LONGEST) String attempt) {}

  /** How much is told of each pair. */
  enum Detail {
    marks,
    all
  }

  /** How far marking anew has come, after a change of core, of own words or of an accent. */
  @GetMapping("/api/marking/progress")
  Remarker.Progress progress() {
    return remarker.progress();
  }

  /**
   * Marks pairs of a word and an attempt, up to ten thousand. Nothing is stored.
   *
   * @param detail {@code marks} leaves out facts, rivals and confidence, for bulk work
   */
  @PostMapping("/api/marking/preview")
  Results preview(
      @RequestBody @Valid Pairs asked, @RequestParam(defaultValue = "all") Detail detail) {
    Engine engine = engines.of(asked.accent());
    requireWhole(asked.pairs());
    long letters =
        asked.pairs().stream().mapToLong(p -> p.target().length() + p.attempt().length()).sum();
    if (letters > LETTERS) {
      throw Problem.badRequest(
          "The pairs have %d letters together; send at most %d at once."
              .formatted(letters, LETTERS));
    }
    return new Results(
        IntStream.range(0, asked.pairs().size())
            .parallel()
            .mapToObj(i -> result(asked.pairs().get(i), i, engine, detail))
            .toList());
  }

  /** By hand, since Bean Validation takes longer over ten thousand pairs than marking them. */
  private static void requireWhole(List<Pair> pairs) {
    for (int i = 0; i < pairs.size(); i++) {
      Pair pair = pairs.get(i);
      if (pair == null || pair.target() == null || pair.attempt() == null) {
        throw Problem.badRequest(
            "pairs[%d] needs a target and an attempt, both text; \"\" for nothing written."
                .formatted(i));
      }
    }
  }

  private static MarkView result(Pair pair, int index, Engine engine, Detail detail) {
    if (pair.target().length() > LONGEST || pair.attempt().length() > LONGEST) {
      throw Problem.badRequest("pairs[" + index + "] is longer than " + LONGEST + " characters.");
    }
    Mark mark = mark(pair, index, engine);
    return detail == Detail.marks
        ? MarkView.plain(mark, pair.target(), engine.accent())
        : MarkView.explained(mark, pair.target(), engine);
  }

  /** Marks one dictated sentence: its words and the conventions of writing. Nothing is stored. */
  @PostMapping("/api/marking/preview-sentence")
  SentenceView sentence(@RequestBody @Valid SentencePair asked) {
    if (asked.target().codePoints().noneMatch(c -> c < 128 && Character.isLetter(c))) {
      throw Problem.badRequest(
          "target has no letters a to z. Write the sentence that was dictated.");
    }
    if (words(asked.target()) > WORDS || words(asked.attempt()) > WORDS) {
      throw Problem.badRequest("A sentence has at most " + WORDS + " words here.");
    }
    Engine engine = engines.of(asked.accent());
    SentenceMarker.SentenceMark mark = engine.sentences().mark(asked.target(), asked.attempt());
    return SentenceView.of(
        new Judged(mark.words(), mark.conventions()),
        (m, target) -> MarkView.explained(m, target, engine));
  }

  private static int words(String text) {
    return text.split("[^\\p{L}\\p{N}]+").length;
  }

  private static Mark mark(Pair pair, int index, Engine engine) {
    try {
      return engine.marker().mark(engine.word(pair.target()), pair.attempt());
    } catch (Unacceptable e) {
      throw Problem.badRequest("pairs[" + index + "].target: " + e.getMessage());
    }
  }
}

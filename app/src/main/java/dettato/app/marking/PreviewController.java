package dettato.app.marking;

import dettato.app.language.Language;
import dettato.app.language.Languages;
import dettato.app.web.Problem;
import dettato.mark.SentenceMarker;
import dettato.rule.Outcome;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Marks pairs without storing anything. */
@RestController
class PreviewController {
  private static final int LONGEST = 2000;
  private final Languages languages;

  PreviewController(Languages languages) {
    this.languages = languages;
  }

  record Pair(@NotNull String target, @NotNull String attempt) {}

  record Pairs(
      @NotBlank String accent, @NotNull @Size(max = 10_000) List<@Valid @NotNull Pair> pairs) {}

  record Results(List<MarkView> results) {}

  record SentencePair(
      @NotBlank String accent,
      @NotNull @Size(max = LONGEST) String target,
      @NotNull @Size(max = LONGEST) String attempt) {}

  record WordMark(
      String target,
      String written,
      SentenceMarker.Kind kind,
      @Nullable MarkView mark,
      List<MarkView> parts) {}

  record Convention(String rule, Outcome outcome, List<String> words) {}

  record SentenceResult(List<WordMark> words, List<Convention> conventions) {}

  @PostMapping("/api/marking/preview")
  Results preview(@RequestBody @Valid Pairs asked) {
    Language language = languages.of(asked.accent());
    List<MarkView> results = new ArrayList<>(asked.pairs().size());
    for (int i = 0; i < asked.pairs().size(); i++) {
      Pair pair = asked.pairs().get(i);
      if (pair.target().length() > LONGEST || pair.attempt().length() > LONGEST) {
        throw Problem.badRequest("pairs[" + i + "] is longer than " + LONGEST + " characters.");
      }
      results.add(mark(pair, i, language));
    }
    return new Results(results);
  }

  @PostMapping("/api/marking/preview-sentence")
  SentenceResult sentence(@RequestBody @Valid SentencePair asked) {
    if (asked.target().codePoints().noneMatch(c -> c < 128 && Character.isLetter(c))) {
      throw Problem.badRequest(
          "target has no letters a to z. Write the sentence that was dictated.");
    }
    Language language = languages.of(asked.accent());
    SentenceMarker.SentenceMark mark = language.sentences().mark(asked.target(), asked.attempt());
    return new SentenceResult(
        mark.words().stream()
            .map(
                w ->
                    new WordMark(
                        w.target(),
                        w.written(),
                        w.kind(),
                        w.mark().map(m -> MarkView.of(m, w.target(), language)).orElse(null),
                        w.parts().stream()
                            .map(m -> MarkView.of(m, m.target().spelling(), language))
                            .toList()))
            .toList(),
        mark.conventions().stream()
            .map(c -> new Convention(c.rule(), c.outcome(), c.words()))
            .toList());
  }

  private static MarkView mark(Pair pair, int index, Language language) {
    try {
      return MarkView.of(
          language.marker().mark(language.word(pair.target()), pair.attempt()),
          pair.target(),
          language);
    } catch (IllegalArgumentException e) {
      throw Problem.badRequest("pairs[" + index + "].target: " + e.getMessage());
    }
  }
}

package dettato.app.marking;

import com.fasterxml.jackson.annotation.JsonInclude;
import dettato.activity.Judged;
import dettato.mark.Mark;
import dettato.mark.SentenceMarker;
import dettato.rule.Outcome;
import java.util.List;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;

/**
 * What an answer of several words is.
 *
 * @param asked how many words were dictated
 * @param right how many of them are spelled as they should be
 * @param signsOff how many conventions of writing are broken
 */
public record SentenceView(
    int asked, int right, int signsOff, List<WordMark> words, List<Convention> conventions) {

  /** One word, or two that were joined: then each has a mark among the parts. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record WordMark(
      String target,
      String written,
      SentenceMarker.Kind kind,
      @Nullable MarkView mark,
      List<MarkView> parts) {}

  /** A convention of writing, and where it failed. */
  public record Convention(String rule, Outcome outcome, List<String> words) {}

  /**
   * @param view how the mark of one word is shown
   */
  static SentenceView of(Judged judged, BiFunction<Mark, String, MarkView> view) {
    return new SentenceView(
        judged.asked(),
        judged.right(),
        judged.signsOff(),
        judged.words().stream()
            .map(
                w ->
                    new WordMark(
                        w.target(),
                        w.written(),
                        w.kind(),
                        w.mark().map(m -> view.apply(m, w.target())).orElse(null),
                        w.parts().stream().map(m -> view.apply(m, m.target().spelling())).toList()))
            .toList(),
        judged.conventions().stream()
            .map(c -> new Convention(c.rule(), c.outcome(), c.words()))
            .toList());
  }
}

package dettato.app.notation;

import dettato.app.account.Teacher;
import dettato.app.problem.Problem;
import dettato.input.Unacceptable;
import dettato.notation.Chunks;
import dettato.notation.Drawing;
import dettato.notation.Legend;
import dettato.notation.Notation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Draws words with any notation, so that it can be seen before it is chosen. */
@RestController
@RequiredArgsConstructor
class DrawingController {
  private static final int MOST = 60;

  private final ClassMarks marks;

  record WordsToDraw(
      @NotBlank String accent,
      @NotNull Notation notation,
      @NotNull @Size(max = 60) List<@NotNull String> chunks,
      @NotNull @Size(max = MOST) List<@NotNull String> words) {}

  /** A word with its marks. */
  record DrawnWord(String text, Drawing drawing) {}

  record DrawnWords(List<DrawnWord> words, List<Legend.Entry> legend) {}

  /**
   * Draws words with marks as a class would, before it chooses them. Nothing is stored.
   *
   * @throws Problem 400 for what is no word or no chunk, and for a shape with two meanings
   */
  @PostMapping("/api/notation/preview")
  DrawnWords preview(
      @RequestBody @Valid WordsToDraw wanted, @AuthenticationPrincipal Teacher teacher) {
    ClassMarks.Hand hand =
        marks.of(wanted.accent(), wanted.notation(), Chunks.taught(wanted.chunks()));
    return new DrawnWords(
        wanted.words().stream().map(w -> drawn(w, hand)).toList(), Legend.of(wanted.notation()));
  }

  private static DrawnWord drawn(String text, ClassMarks.Hand hand) {
    try {
      return new DrawnWord(text, hand.word(hand.engine().word(text), -1));
    } catch (Unacceptable wrong) {
      throw Problem.badRequest("'" + text + "': " + wrong.getMessage());
    }
  }
}

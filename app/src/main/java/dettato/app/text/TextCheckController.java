package dettato.app.text;

import dettato.app.account.Teacher;
import dettato.app.engine.Engines;
import dettato.app.problem.Problem;
import dettato.app.school.Classes;
import dettato.rule.RuleBook;
import dettato.text.TextCheck;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Says of any text what it holds and what would mend it. Nothing is stored. */
@RestController
@RequiredArgsConstructor
class TextCheckController {
  private static final int LONGEST = 20_000;

  private final Engines engines;
  private final Classes classes;

  /** What the text should be about: a rule, or a sound with its spellings. */
  record TextFocus(
      @Nullable String rule, @Nullable String sound, @Nullable List<String> graphemes) {}

  /**
   * A text to check.
   *
   * @param classId whose step says what is taught; else {@code step}; else all is taught
   */
  record TextToCheck(
      @NotNull String accent,
      @Nullable Long classId,
      @Nullable Integer step,
      @NotNull @Size(max = LONGEST) String text,
      @Nullable @Valid TextFocus focus) {}

  /**
   * What a text holds, word by word, and what would mend it: untaught letters, look-alikes, signs
   * of writing.
   */
  @PostMapping("/api/texts/check")
  TextCheck.Checked check(
      @RequestBody @Valid TextToCheck asked, @AuthenticationPrincipal Teacher teacher) {
    int step =
        asked.classId() != null
            ? classes.find(asked.classId(), teacher).step()
            : asked.step() != null ? asked.step() : engines.asked(asked.accent()).sequence().last();
    return engines.asked(asked.accent()).check().check(asked.text(), step, target(asked.focus()));
  }

  private static TextCheck.Target target(@Nullable TextFocus focus) {
    if (focus == null || focus.rule() == null && focus.sound() == null) {
      return new TextCheck.Target.None();
    }
    if (focus.rule() != null) {
      RuleBook.of(focus.rule());
      return new TextCheck.Target.Rule(focus.rule());
    }
    List<String> graphemes = focus.graphemes();
    if (graphemes == null || graphemes.isEmpty()) {
      throw Problem.badRequest(
          "focus: name at least one grapheme of the sound, as {\"sound\":\"eɪ\",\"graphemes\":[\"ai\"]}.");
    }
    return new TextCheck.Target.Spellings(
        java.util.Objects.requireNonNull(focus.sound()), graphemes);
  }
}

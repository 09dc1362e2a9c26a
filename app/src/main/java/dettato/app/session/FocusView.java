package dettato.app.session;

import com.fasterxml.jackson.annotation.JsonInclude;
import dettato.app.problem.Problem;
import dettato.focus.Focus;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a session or an item is about, as the API says it: a rule, a sound, or irregular words.
 *
 * @param needs true for what the class's papers ask for, when a session is made
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record FocusView(
    @Nullable @Size(max = 40) String rule,
    @Nullable @Size(max = 12) String sound,
    @Nullable @Size(max = 20) List<@NotNull @Size(max = 8) String> graphemes,
    @Nullable Boolean irregular,
    @Nullable Boolean needs) {

  public static FocusView rule(String id) {
    return new FocusView(id, null, null, null, null);
  }

  static FocusView of(Focus focus) {
    return focus.read(
        new Focus.Cases<>() {
          @Override
          public FocusView rule(String id) {
            return FocusView.rule(id);
          }

          @Override
          public FocusView rivals(String sound, List<String> graphemes) {
            return new FocusView(null, sound, graphemes, null, null);
          }

          @Override
          public FocusView irregular() {
            return new FocusView(null, null, null, true, null);
          }
        });
  }

  /** Whether it stands for what the papers ask for. */
  boolean isNeeds() {
    return Boolean.TRUE.equals(needs);
  }

  /**
   * The same in core's terms.
   *
   * @throws Problem 400 when it says nothing
   */
  public Focus focus() {
    if (rule != null) {
      return new Focus.Rule(rule);
    }
    if (sound != null) {
      return new Focus.Rivals(sound, graphemes == null ? List.of() : graphemes);
    }
    if (Boolean.TRUE.equals(irregular)) {
      return new Focus.Irregular();
    }
    throw Problem.badRequest(
        "A focus is {\"rule\"}, {\"sound\",\"graphemes\"}, {\"irregular\":true} or, for a new session,"
            + " {\"needs\":true}.");
  }
}

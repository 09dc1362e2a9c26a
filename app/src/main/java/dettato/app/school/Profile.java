package dettato.app.school;

import dettato.profile.Choices;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;

/**
 * How a class works.
 *
 * @param version of this profile; a write that names an older one is refused
 * @param step how far the teaching sequence has come, 0 for not begun
 * @param differentWords on how many words a failure must show to be a pattern
 * @param minutes how long a session may take
 * @param template id of the usual one; null, or "", for the plain one
 * @param choices what it does in its own way; null to leave them as they are
 */
public record Profile(
    @Min(0) long version,
    @NotBlank String accent,
    @Min(0) int step,
    @Min(2) @Max(9) int differentWords,
    @Min(5) @Max(90) int minutes,
    @Nullable @Size(max = 40) String template,
    @Nullable Choices choices) {}

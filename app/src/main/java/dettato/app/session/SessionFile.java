package dettato.app.session;

import dettato.activity.Item;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A session as a file, to be kept, sent or taken up elsewhere; {@code docs/session.schema.json}
 * describes it.
 *
 * @param format {@link #FORMAT}
 */
record SessionFile(
    @NotNull @Pattern(regexp = FORMAT) String format,
    @NotNull LocalDate date,
    @NotNull @Size(max = 120) String title,
    @NotEmpty @Size(max = 6) List<@Valid @NotNull FocusView> focus,
    @NotNull @Size(max = 30) List<@Valid @NotNull FileBlock> blocks) {
  static final String FORMAT = "dettato-session-1";

  record FileBlock(
      @NotBlank String kind,
      @Nullable @Size(max = 60) String title,
      @NotNull Item.Role role,
      @NotNull @Size(max = 60) List<@Valid @NotNull FileItem> items) {}

  record FileItem(
      @NotBlank @Size(max = 1000) String text,
      @NotNull Item.Role role,
      @Nullable @Size(max = 300) String why) {}
}

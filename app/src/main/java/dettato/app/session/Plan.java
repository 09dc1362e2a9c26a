package dettato.app.session;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A session as it should be.
 *
 * @param title "" for what it is about
 */
record Plan(
    @NotNull LocalDate date,
    @NotNull @Size(max = 120) String title,
    @NotEmpty @Size(max = 6) List<@Valid @NotNull FocusView> focus,
    @NotNull @Size(max = 30) List<@Valid @NotNull PlannedBlock> blocks) {

  /**
   * @param id null for a new one
   */
  record PlannedBlock(
      @Nullable Long id,
      @NotBlank String kind,
      @NotNull @Size(max = 60) List<@Valid @NotNull PlannedItem> items) {}

  /**
   * @param id of an item that stays, with its text; null for a new one
   */
  record PlannedItem(@Nullable Long id, @NotNull @Size(max = 1000) String text) {}
}

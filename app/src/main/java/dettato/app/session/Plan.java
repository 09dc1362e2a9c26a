package dettato.app.session;

import dettato.activity.Item;
import dettato.app.terms.Prose;
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
   * @param title null, or "", for that of its kind
   * @param role null for what it was, FOCUS for a new one
   */
  record PlannedBlock(
      @Nullable Long id,
      @NotBlank String kind,
      @Nullable @Size(max = 60) String title,
      Item.@Nullable Role role,
      @NotNull @Size(max = 60) List<@Valid @NotNull PlannedItem> items) {}

  /**
   * @param id of an item that stays, with its text; null for a new one
   * @param role null for what it was, OWN for a new one
   * @param why a new one was chosen, null when the teacher put it there
   */
  record PlannedItem(
      @Nullable Long id,
      @NotNull @Size(max = 20_000) String text,
      Item.@Nullable Role role,
      @Prose @Nullable @Size(max = 300) String why) {}
}

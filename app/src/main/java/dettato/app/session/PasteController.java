package dettato.app.session;

import dettato.app.account.Teacher;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import lombok.RequiredArgsConstructor;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Papers that are pasted from a spreadsheet, or taken from a file: looked at first, then kept. */
@RestController
@RequiredArgsConstructor
class PasteController {
  private static final int LONGEST = 200_000;
  private final PasteIn paste;

  /**
   * @param text a block of cells, parted by tabs or as CSV
   * @param keep whether its good cells are to be kept; else they are only looked at
   * @param replace whether they are kept where something else stands too
   */
  record Pasted(@NotNull @Size(max = LONGEST) String text, boolean keep, boolean replace) {}

  /**
   * Reads answers out of a block of cells; looked at first, kept when asked, in place of others
   * only when asked.
   */
  @PostMapping("/api/sessions/{id}/paste")
  PasteIn.PasteView paste(
      @PathVariable long id,
      @RequestBody @Valid Pasted pasted,
      @AuthenticationPrincipal Teacher teacher) {
    return paste.of(id, pasted.text(), pasted.keep(), pasted.replace(), teacher);
  }
}

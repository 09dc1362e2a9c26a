package dettato.app.print;

import dettato.app.account.Teacher;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A session on paper, as PDF. */
@RestController
@RequiredArgsConstructor
class PrintController {
  private final Printer printer;

  /**
   * A paper of a session as PDF: what the children write on, the answers, the script, cards, a home
   * page.
   *
   * @param paper what is printed
   * @param size of the paper; A4 when it is not said
   * @param type of the letters; the usual one when it is not said
   * @param names whether each child has a sheet with its name
   * @param two whether two sheets stand on a page
   */
  @GetMapping(
      path = "/api/sessions/{id}/{paper:sheet|key|script|cards|home|marked}.pdf",
      produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> print(
      @PathVariable long id,
      @PathVariable String paper,
      @RequestParam Optional<Look.Size> size,
      @RequestParam Optional<Look.Type> type,
      @RequestParam(defaultValue = "false") boolean names,
      @RequestParam(defaultValue = "false") boolean two,
      @AuthenticationPrincipal Teacher teacher) {
    Printer.Page page = printer.print(id, paper, look(size, type, names, two), teacher);
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"" + page.name() + "\"")
        .body(page.pdf());
  }

  /** A picture of its first page. */
  @GetMapping(
      path = "/api/sessions/{id}/{paper:sheet|key|script|cards|home|marked}.png",
      produces = MediaType.IMAGE_PNG_VALUE)
  byte[] picture(
      @PathVariable long id,
      @PathVariable String paper,
      @RequestParam Optional<Look.Size> size,
      @RequestParam Optional<Look.Type> type,
      @RequestParam(defaultValue = "false") boolean names,
      @RequestParam(defaultValue = "false") boolean two,
      @AuthenticationPrincipal Teacher teacher) {
    return Pdf.picture(printer.print(id, paper, look(size, type, names, two), teacher).pdf());
  }

  private static Look look(
      Optional<Look.Size> size, Optional<Look.Type> type, boolean names, boolean two) {
    return new Look(size.orElse(Look.Size.A4), type.orElse(Look.Type.USUAL), names, two);
  }
}

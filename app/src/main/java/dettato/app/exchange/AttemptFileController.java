package dettato.app.exchange;

import dettato.app.account.Teacher;
import dettato.app.problem.Problem;
import dettato.app.school.Classes;
import dettato.app.school.Enrolled;
import dettato.app.school.SchoolClass;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.springframework.http.HttpHeaders;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Attempts as a file. */
@RestController
@RequiredArgsConstructor
class AttemptFileController {
  private final AttemptFiles files;
  private final Classes classes;
  private final ImportTurn turn;

  /**
   * Takes the good lines of a file and names the bad ones; the same file twice changes nothing.
   *
   * @param csv UTF-8, read as it comes
   * @throws Problem 413 for more lines than can be taken, 429 while another file is read
   */
  @RequestBody(content = @Content(mediaType = "text/csv", schema = @Schema(type = "string")))
  @PostMapping(path = "/api/classes/{id}/attempts/import", consumes = "text/csv")
  AttemptFiles.ImportedAttempts read(
      @PathVariable long id,
      @Parameter(hidden = true) InputStream csv,
      @AuthenticationPrincipal Teacher teacher) {
    SchoolClass of = classes.find(id, teacher);
    List<Enrolled> everyone = classes.everyone(id, teacher);
    return turn.take(() -> files.read(csv, of, everyone));
  }

  /**
   * Every attempt of a class as CSV, one a line, with result and rule outcomes.
   *
   * @param detail conditions for the ground of each outcome, and what was corrected
   */
  @GetMapping(path = "/api/classes/{id}/attempts.csv", produces = "text/csv;charset=UTF-8")
  void write(
      @PathVariable long id,
      @RequestParam(defaultValue = "rules") String detail,
      @AuthenticationPrincipal Teacher teacher,
      HttpServletResponse response)
      throws IOException {
    SchoolClass of = classes.find(id, teacher);
    AttemptFiles.Detail wanted =
        switch (detail) {
          case "rules" -> AttemptFiles.Detail.RULES;
          case "conditions" -> AttemptFiles.Detail.CONDITIONS;
          default ->
              throw Problem.badRequest("detail is '" + detail + "'. It is rules or conditions.");
        };
    response.setContentType("text/csv;charset=UTF-8");
    response.setHeader(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"attempts.csv\"");
    files.write(of, wanted, response.getWriter());
  }
}

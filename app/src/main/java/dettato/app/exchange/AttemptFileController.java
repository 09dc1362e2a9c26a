package dettato.app.exchange;

import dettato.app.account.Teacher;
import dettato.app.problem.Problem;
import dettato.app.school.Classes;
import dettato.app.school.SchoolClass;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpHeaders;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Attempts as a file. */
@RestController
class AttemptFileController {
  private final AttemptFiles files;
  private final Classes classes;

  AttemptFileController(AttemptFiles files, Classes classes) {
    this.files = files;
    this.classes = classes;
  }

  @PostMapping(path = "/api/classes/{id}/attempts/import", consumes = "text/csv")
  AttemptFiles.ImportedAttempts read(
      @PathVariable long id, @RequestBody byte[] csv, @AuthenticationPrincipal Teacher teacher) {
    return files.read(
        new String(csv, StandardCharsets.UTF_8),
        classes.find(id, teacher),
        classes.everyone(id, teacher));
  }

  /**
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

package dettato.app.session;

import dettato.app.account.Teacher;
import dettato.app.school.Classes;
import dettato.app.school.SchoolClass;
import dettato.session.Template;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Sessions taken to another day, another class, a file or a template. */
@RestController
@RequiredArgsConstructor
class SessionCopyController {
  private final SessionCopies copies;
  private final SessionReader reader;
  private final Classes classes;

  /**
   * @param classId null for the session's own
   */
  record CopyTo(@NotNull LocalDate date, @Nullable Long classId) {}

  record NamedTemplate(@NotBlank @Size(max = 60) String name) {}

  /** Copies a session to another day, in its class or in another of the teacher's. */
  @PostMapping("/api/sessions/{id}/copy")
  ResponseEntity<SheetView.SessionView> copy(
      @PathVariable long id,
      @RequestBody @Valid CopyTo to,
      @AuthenticationPrincipal Teacher teacher) {
    SessionController.mustBeADay(to.date());
    long classId = to.classId() == null ? reader.find(id, teacher).classId() : to.classId();
    return made(copies.copy(id, to.date(), classId, teacher), teacher);
  }

  /** Keeps the kinds and numbers of a session as a template of the school. */
  @PostMapping("/api/sessions/{id}/template")
  @ResponseStatus(HttpStatus.CREATED)
  Template template(
      @PathVariable long id,
      @RequestBody @Valid NamedTemplate named,
      @AuthenticationPrincipal Teacher teacher) {
    return copies.template(id, named.name(), teacher);
  }

  /** A session as a file, to be kept, sent or opened elsewhere. */
  @GetMapping("/api/sessions/{id}/session.json")
  ResponseEntity<SessionFile> file(
      @PathVariable long id, @AuthenticationPrincipal Teacher teacher) {
    SessionFile file = copies.file(id, teacher);
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            "attachment; filename=\"session-" + file.date() + ".json\"")
        .body(file);
  }

  /**
   * Opens a session that was kept as a file, on the day it names or on another.
   *
   * @param date another day than the file names
   */
  @PostMapping("/api/classes/{id}/sessions/file")
  ResponseEntity<SheetView.SessionView> open(
      @PathVariable long id,
      @RequestParam(required = false) @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
          Optional<LocalDate> date,
      @RequestBody @Valid SessionFile file,
      @AuthenticationPrincipal Teacher teacher) {
    SchoolClass of = classes.find(id, teacher);
    LocalDate on = date.orElse(file.date());
    SessionController.mustBeADay(on);
    return made(copies.open(file, on, of), teacher);
  }

  private ResponseEntity<SheetView.SessionView> made(long id, Teacher teacher) {
    SheetView.SessionView session = reader.find(id, teacher);
    return ResponseEntity.status(HttpStatus.CREATED)
        .eTag("\"" + session.version() + "\"")
        .body(session);
  }
}

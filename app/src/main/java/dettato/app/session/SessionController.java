package dettato.app.session;

import dettato.app.account.Teacher;
import dettato.app.problem.Problem;
import dettato.app.school.Classes;
import dettato.app.school.SchoolClass;
import dettato.app.template.Templates;
import dettato.session.TemplateBook;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Sessions of a class. A change says in If-Match which version it was made on. */
@RestController
@RequiredArgsConstructor
class SessionController {
  private static final LocalDate FIRST_DAY = LocalDate.of(2000, 1, 1);
  private static final LocalDate LAST_DAY = LocalDate.of(2099, 12, 31);
  private static final LocalDate EVER = LocalDate.of(1900, 1, 1);
  private static final LocalDate EVER_AFTER = LocalDate.of(9999, 12, 31);

  private final SessionMaker maker;
  private final SessionPlanner planner;
  private final SessionReader reader;
  private final SessionLifecycle lifecycle;
  private final Templates templates;
  private final Classes classes;

  /**
   * @param template id of one; null for the class's usual one
   * @param pupils of a group; null, or none, for the whole class
   * @param seed the same seed gives the same items; null for any
   */
  record NewSession(
      @NotNull LocalDate date,
      @Nullable String template,
      @NotEmpty @Size(max = 6) List<@Valid @NotNull FocusView> focus,
      @Nullable @Size(max = 100) Set<@NotNull Long> pupils,
      @Nullable Long seed) {}

  /**
   * Items of one kind for a day.
   *
   * @param kind of activity; plain words when it is not said
   */
  record SentWords(
      @NotNull LocalDate date,
      @Nullable String kind,
      @NotNull @Size(min = 1, max = 40) List<@NotNull String> words) {}

  /**
   * @param took seconds that blocks took, by their ids; null when nobody looked at the clock
   */
  record NextState(
      @NotNull SessionState state,
      @Nullable @Size(max = 30) Map<Long, @NotNull @Min(0) @Max(36_000) Integer> took) {}

  /** The sessions of a class between two days, newest first, at most two hundred. */
  @GetMapping("/api/classes/{id}/sessions")
  List<SessionReader.SessionSummary> between(
      @PathVariable long id,
      @RequestParam(required = false) @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
          Optional<LocalDate> from,
      @RequestParam(required = false) @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
          Optional<LocalDate> to,
      @AuthenticationPrincipal Teacher teacher) {
    return reader.between(classes.find(id, teacher), from.orElse(EVER), to.orElse(EVER_AFTER));
  }

  /** Makes a session and fills it from a template with what the class needs. */
  @PostMapping("/api/classes/{id}/sessions")
  ResponseEntity<SheetView.SessionView> fill(
      @PathVariable long id,
      @RequestBody @Valid NewSession made,
      @AuthenticationPrincipal Teacher teacher) {
    mustBeADay(made.date());
    SchoolClass of = classes.find(id, teacher);
    long session =
        maker.make(
            of,
            new SessionMaker.Wish(
                made.date(),
                templates.of(template(made.template(), of)),
                made.focus(),
                made.pupils() == null ? Set.of() : made.pupils(),
                Set.of(),
                made.seed() == null ? System.nanoTime() : made.seed()));
    return tagged(HttpStatus.CREATED, reader.find(session, teacher));
  }

  private String template(@Nullable String wanted, SchoolClass of) {
    return wanted != null && !wanted.isEmpty()
        ? wanted
        : templates.has(of.template()) ? of.template() : TemplateBook.shipped().get(0).id();
  }

  /** A day that a session can be planned on: a year with a wrong figure is told. */
  static void mustBeADay(LocalDate date) {
    if (date.isBefore(FIRST_DAY) || date.isAfter(LAST_DAY)) {
      throw Problem.badRequest(
          "date is %s. A session is planned on a day from %s to %s."
              .formatted(date, FIRST_DAY, LAST_DAY));
    }
  }

  /** Adds words, or sentences, to the session planned on a day; plans one when there is none. */
  @PostMapping("/api/classes/{id}/sessions/words")
  ResponseEntity<SheetView.SessionView> send(
      @PathVariable long id,
      @RequestBody @Valid SentWords sent,
      @AuthenticationPrincipal Teacher teacher) {
    mustBeADay(sent.date());
    long session = planner.send(classes.find(id, teacher), sent.date(), sent.kind(), sent.words());
    return tagged(HttpStatus.OK, reader.find(session, teacher));
  }

  /**
   * One session as it will be given: its blocks and items, how each is said, the time it takes,
   * what to know before.
   */
  @GetMapping("/api/sessions/{id}")
  ResponseEntity<SheetView.SessionView> one(
      @PathVariable long id, @AuthenticationPrincipal Teacher teacher) {
    return tagged(HttpStatus.OK, reader.find(id, teacher));
  }

  /**
   * Makes a session what it should be. Items that stay keep their ids, and with them their answers.
   */
  @PutMapping("/api/sessions/{id}")
  ResponseEntity<SheetView.SessionView> rewrite(
      @PathVariable long id,
      @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) @Nullable String version,
      @RequestBody @Valid Plan plan,
      @AuthenticationPrincipal Teacher teacher) {
    mustBeADay(plan.date());
    return tagged(HttpStatus.OK, planner.rewrite(id, seen(version), plan, teacher));
  }

  /** Says that a session was given, or is answered, and how long its blocks took. */
  @PutMapping("/api/sessions/{id}/state")
  ResponseEntity<SheetView.SessionView> become(
      @PathVariable long id,
      @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) @Nullable String version,
      @RequestBody @Valid NextState next,
      @AuthenticationPrincipal Teacher teacher) {
    return tagged(
        HttpStatus.OK,
        lifecycle.become(
            id,
            seen(version),
            next.state(),
            next.took() == null ? Map.of() : next.took(),
            teacher));
  }

  /** Takes a session away; it can be brought back. */
  @DeleteMapping("/api/sessions/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(
      @PathVariable long id,
      @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) @Nullable String version,
      @AuthenticationPrincipal Teacher teacher) {
    lifecycle.remove(id, seen(version), teacher);
  }

  /** Undoes the taking away. */
  @PostMapping("/api/sessions/{id}/restore")
  ResponseEntity<SheetView.SessionView> restore(
      @PathVariable long id, @AuthenticationPrincipal Teacher teacher) {
    return tagged(HttpStatus.OK, lifecycle.restore(id, teacher));
  }

  private static ResponseEntity<SheetView.SessionView> tagged(
      HttpStatus status, SheetView.SessionView session) {
    return ResponseEntity.status(status).eTag("\"" + session.version() + "\"").body(session);
  }

  private static long seen(@Nullable String header) {
    if (header == null) {
      throw Problem.versionWanted();
    }
    try {
      return Long.parseLong(header.replaceAll("^W/|\"", ""));
    } catch (NumberFormatException e) {
      throw Problem.versionWanted();
    }
  }
}

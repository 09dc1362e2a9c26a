package dettato.app.session;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.property.Uid;
import dettato.app.account.Teacher;
import dettato.app.school.Classes;
import dettato.app.school.SchoolClass;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.TemporalAdjusters;
import java.util.Date;
import java.util.Optional;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A week of sessions as a calendar file: a session is an event of its whole day. */
@RestController
@RequiredArgsConstructor
class CalendarController {
  private static final int WEEK = 7;

  private final SessionReader reader;
  private final Classes classes;
  private final Clock clock;

  /**
   * The sessions of a week as a calendar.
   *
   * @param from any day of the week; this week's when it is not said
   */
  @GetMapping(path = "/api/classes/{id}/week.ics", produces = "text/calendar;charset=UTF-8")
  ResponseEntity<String> week(
      @PathVariable long id,
      @RequestParam(required = false) @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
          Optional<LocalDate> from,
      @AuthenticationPrincipal Teacher teacher) {
    SchoolClass of = classes.find(id, teacher);
    LocalDate monday =
        from.orElseGet(() -> LocalDate.now(clock))
            .with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    ICalendar calendar = new ICalendar();
    calendar.setProductId("-//Dettato//Sessions//EN");
    reader.between(of, monday, monday.plusDays(WEEK - 1)).forEach(s -> calendar.addEvent(event(s)));
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"week-" + monday + ".ics\"")
        .body(Biweekly.write(calendar).go());
  }

  private VEvent event(SessionReader.SessionSummary session) {
    VEvent event = new VEvent();
    event.setUid(new Uid("session-" + session.id() + "@dettato"));
    event.setDateTimeStamp(Date.from(clock.instant()));
    event.setSummary(session.title());
    event.setDateStart(
        Date.from(session.date().atStartOfDay(ZoneId.systemDefault()).toInstant()), false);
    event.setDescription(
        session.minutes()
            + " minutes: "
            + session.blocks().stream()
                .map(b -> b.items() + " " + b.title().toLowerCase(java.util.Locale.ROOT))
                .collect(Collectors.joining(", ")));
    return event;
  }
}

package dettato.app.demo;

import dettato.app.account.Accounts;
import dettato.app.account.Teacher;
import dettato.app.engine.Engines;
import dettato.app.marking.AnswerState;
import dettato.app.marking.AttemptWriter;
import dettato.app.marking.Entry;
import dettato.app.school.Classes;
import dettato.app.school.Pupil;
import dettato.app.school.SchoolClass;
import dettato.app.session.FocusView;
import dettato.app.session.SessionLifecycle;
import dettato.app.session.SessionMaker;
import dettato.app.session.SessionReader;
import dettato.app.session.SessionState;
import dettato.engine.Engine;
import dettato.prompt.Prompt;
import dettato.simulate.SimulatedChild;
import dettato.simulate.SimulatedClass;
import dettato.sound.Accents;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import lombok.RequiredArgsConstructor;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Fills an empty database with the demo class: three weeks of papers, today's half marked. */
@Component
@ConditionalOnProperty("dettato.demo")
@RequiredArgsConstructor
class DemoSeeder implements SmartInitializingSingleton {
  private static final Logger LOG = LoggerFactory.getLogger(DemoSeeder.class);

  private final Accounts accounts;
  private final Classes classes;
  private final SessionMaker maker;
  private final SessionReader reader;
  private final SessionLifecycle lifecycle;
  private final AttemptWriter attempts;
  private final Engines engines;
  private final Clock clock;
  private final TransactionTemplate transactions;

  /** Before the first request is answered. */
  @Override
  public void afterSingletonsInstantiated() {
    if (accounts.isEmpty()) {
      transactions.executeWithoutResult(status -> seed());
    }
  }

  private void seed() {
    Teacher teacher = accounts.createFirst("demo", "demo-dettato");
    SchoolClass of =
        classes.create(
            DemoPlan.CLASS, Accents.SOUTHERN_BRITISH, DemoPlan.CHILDREN, DemoPlan.STEP, teacher);
    SimulatedClass children = new SimulatedClass(DemoPlan.children(), DemoPlan.SEED);
    for (int i = 0; i < DemoPlan.SHEETS.size(); i++) {
      give(DemoPlan.SHEETS.get(i), i, of, children, teacher);
    }
    LOG.info("Demo class made: {} sessions", DemoPlan.SHEETS.size());
  }

  private void give(
      DemoPlan.Sheet sheet,
      int occasion,
      SchoolClass of,
      SimulatedClass children,
      Teacher teacher) {
    LocalDate day = day(sheet.daysAgo());
    long id =
        maker.make(
            of,
            new SessionMaker.Wish(
                day,
                DemoPlan.template(sheet),
                List.of(FocusView.rule(sheet.rule())),
                Set.of(),
                DemoPlan.WITHOUT,
                sheet.seed()));
    if (sheet.daysAgo() < 0) {
      return;
    }
    boolean today = sheet.daysAgo() == 0;
    lifecycle.become(id, 0, today ? SessionState.GIVEN : SessionState.ANSWERED, Map.of(), teacher);
    int papers = today ? of.pupils().size() / 2 : of.pupils().size();
    Map<String, Pupil> byName = new HashMap<>();
    of.pupils().forEach(p -> byName.put(p.name(), p));
    List<Entry> entries = new ArrayList<>();
    for (SimulatedChild child : children.children().subList(0, papers)) {
      Pupil pupil = byName.get(child.name());
      if (pupil != null) {
        reader.asked(id).stream()
            .filter(a -> isWritten(a.prompt()))
            .forEach(a -> entries.add(entry(a, pupil, child, children, occasion, day)));
      }
    }
    attempts.add(entries, of);
  }

  private static boolean isWritten(Prompt prompt) {
    return prompt instanceof Prompt.Word || prompt instanceof Prompt.Sentence;
  }

  private Entry entry(
      SessionReader.Asked asked,
      Pupil pupil,
      SimulatedChild child,
      SimulatedClass children,
      int occasion,
      LocalDate day) {
    Engine engine = engines.of(Accents.SOUTHERN_BRITISH);
    String written =
        asked.prompt() instanceof Prompt.Word
            ? children.attempt(child, engine.word(asked.prompt().text()), occasion)
            : children.sentence(child, asked.prompt().text(), engine::word, occasion);
    return new Entry(
        pupil.id(),
        asked.item(),
        asked.kind(),
        day,
        asked.prompt(),
        written,
        AnswerState.WRITTEN,
        null);
  }

  /** So many school days before today; at the weekend "today" is Friday. */
  private LocalDate day(int schoolDaysAgo) {
    LocalDate day = LocalDate.now(clock);
    while (isWeekend(day)) {
      day = day.minusDays(1);
    }
    int step = schoolDaysAgo < 0 ? 1 : -1;
    for (int left = Math.abs(schoolDaysAgo); left > 0; left--) {
      do {
        day = day.plusDays(step);
      } while (isWeekend(day));
    }
    return day;
  }

  private static boolean isWeekend(LocalDate day) {
    return day.getDayOfWeek() == DayOfWeek.SATURDAY || day.getDayOfWeek() == DayOfWeek.SUNDAY;
  }
}

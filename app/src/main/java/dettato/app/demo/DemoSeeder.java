package dettato.app.demo;

import dettato.app.account.Accounts;
import dettato.app.account.Teacher;
import dettato.app.language.Languages;
import dettato.app.marking.Attempts;
import dettato.app.school.Classes;
import dettato.app.school.Pupil;
import dettato.app.school.SchoolClass;
import dettato.app.session.Dictations;
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
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Fills an empty database with the demo class: three weeks of papers, today's half marked. */
@Component
@ConditionalOnProperty("dettato.demo")
class DemoSeeder implements SmartInitializingSingleton {
  private static final Logger LOG = LoggerFactory.getLogger(DemoSeeder.class);

  private final Accounts accounts;
  private final Classes classes;
  private final Dictations dictations;
  private final Attempts attempts;
  private final Languages languages;
  private final Clock clock;
  private final TransactionTemplate transactions;

  DemoSeeder(
      Accounts accounts,
      Classes classes,
      Dictations dictations,
      Attempts attempts,
      Languages languages,
      Clock clock,
      TransactionTemplate transactions) {
    this.accounts = accounts;
    this.classes = classes;
    this.dictations = dictations;
    this.attempts = attempts;
    this.languages = languages;
    this.clock = clock;
    this.transactions = transactions;
  }

  /** Before the first request is answered. */
  @Override
  public void afterSingletonsInstantiated() {
    if (accounts.isEmpty()) {
      transactions.executeWithoutResult(status -> seed());
    }
  }

  private void seed() {
    Teacher teacher = accounts.create("demo", "demo-dettato");
    SchoolClass of =
        classes.create(DemoPlan.CLASS, Accents.SOUTHERN_BRITISH, DemoPlan.CHILDREN, teacher);
    SimulatedClass children = new SimulatedClass(DemoPlan.children(), DemoPlan.SEED);
    for (int i = 0; i < DemoPlan.SHEETS.size(); i++) {
      give(DemoPlan.SHEETS.get(i), i, of, children, teacher);
    }
    LOG.info("Demo class made: {} dictations", DemoPlan.SHEETS.size());
  }

  private void give(
      DemoPlan.Sheet sheet,
      int occasion,
      SchoolClass of,
      SimulatedClass children,
      Teacher teacher) {
    LocalDate day = day(sheet.daysAgo());
    long id = dictations.plan(of, day, sheet.rule()).id();
    Dictations.Dictation asked =
        dictations.rewrite(id, sheet.rule(), sheet.sentence(), sheet.words(), teacher);
    if (sheet.daysAgo() < 0) {
      return;
    }
    boolean today = sheet.daysAgo() == 0;
    dictations.become(id, today ? Dictations.State.GIVEN : Dictations.State.ANSWERED, teacher);
    int papers = today ? of.pupils().size() / 2 : of.pupils().size();
    Map<String, Pupil> byName = new HashMap<>();
    of.pupils().forEach(p -> byName.put(p.name(), p));
    List<Attempts.Entry> entries = new ArrayList<>();
    for (SimulatedChild child : children.children().subList(0, papers)) {
      Pupil pupil = byName.get(child.name());
      if (pupil != null) {
        asked.items().forEach(i -> entries.add(entry(i, pupil, child, children, occasion, day)));
      }
    }
    attempts.add(entries, of);
  }

  private Attempts.Entry entry(
      Dictations.ItemView item,
      Pupil pupil,
      SimulatedChild child,
      SimulatedClass children,
      int occasion,
      LocalDate day) {
    String written =
        children.attempt(child, languages.of(Accents.SOUTHERN_BRITISH).word(item.word()), occasion);
    return new Attempts.Entry(
        pupil.id(), item.id(), day, item.word(), written, Attempts.State.WRITTEN);
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

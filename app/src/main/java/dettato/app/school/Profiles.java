package dettato.app.school;

import dettato.app.problem.Problem;
import dettato.plan.TeachingSequence;
import dettato.sound.Accents;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How classes work. */
@Service
class Profiles {
  private final ProfileRows rows;
  private final ApplicationEventPublisher events;

  Profiles(ProfileRows rows, ApplicationEventPublisher events) {
    this.rows = rows;
    this.events = events;
  }

  @Transactional(readOnly = true)
  Profile of(SchoolClass of) {
    return rows.findById(of.id()).orElseThrow().profile();
  }

  /**
   * Keeps a profile; with another accent every mark is made anew, the old ones standing meanwhile.
   *
   * @throws Problem 409 when it was changed meanwhile, with what stands there now
   */
  @Transactional
  Profile keep(SchoolClass of, Profile wanted) {
    String accent = Accents.of(wanted.accent()).id();
    int last = TeachingSequence.shipped().last();
    if (wanted.step() > last) {
      throw Problem.badRequest("step is at most " + last + ", the end of the sequence.");
    }
    ProfileRow row = rows.findById(of.id()).orElseThrow();
    Profile now = row.profile();
    if (now.version() != wanted.version()) {
      throw Problem.changed("The class's settings were changed meanwhile.", now);
    }
    row.become(wanted);
    rows.saveAndFlush(row);
    if (!accent.equals(now.accent())) {
      events.publishEvent(new AccentChanged(of.id()));
    }
    return row.profile();
  }
}

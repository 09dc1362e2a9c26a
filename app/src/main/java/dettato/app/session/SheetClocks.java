package dettato.app.session;

import dettato.activity.Activities;
import dettato.app.need.Timings;
import dettato.app.school.SchoolClass;
import dettato.app.text.Materials;
import dettato.choose.Material;
import dettato.plan.Pace;
import dettato.plan.Timing;
import dettato.session.SessionClock;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;

/** How long sessions of a class take, with what is learnt of it. */
@Component
@RequiredArgsConstructor
class SheetClocks {
  private final Activities book;
  private final Materials materials;
  private final Timings timings;

  SessionClock of(SchoolClass of) {
    return of(materials.of(of), timing(of));
  }

  SessionClock of(Material material, Timing timing) {
    return new SessionClock(book, material, Pace.IN_THE_ROOM, timing);
  }

  Timing timing(SchoolClass of) {
    return timings.of(of.id());
  }

  static int minutes(List<PlannedBlocks.Planned> planned, SessionClock clock) {
    return Math.round(clock.seconds(blocks(planned)) / 60f);
  }

  /** Notes how long a block took, beside what would be planned for it with nothing learnt. */
  void log(PlannedBlocks.Planned planned, int took, SchoolClass of) {
    SessionClock clock = of(materials.of(of), Timing.NONE);
    planned
        .block()
        .took(
            clock.planned(new SessionClock.Block(planned.block().kind(), planned.asItems())), took);
  }

  static List<SessionClock.Block> blocks(List<PlannedBlocks.Planned> planned) {
    return planned.stream()
        .map(p -> new SessionClock.Block(p.block().kind(), p.asItems()))
        .toList();
  }
}

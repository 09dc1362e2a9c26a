package dettato.app.school;

import dettato.app.problem.Problem;
import dettato.plan.OwnOrder;
import dettato.plan.TeachingSequence;
import dettato.sound.Accents;
import java.util.List;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How classes work. */
@Service
@RequiredArgsConstructor
class Profiles {
  private static final int LONGEST = 40_000;
  private static final int TOLD = 3;

  private final ProfileRows rows;
  private final Orders orders;
  private final ApplicationEventPublisher events;

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
    ProfileRow row = rows.findById(of.id()).orElseThrow();
    int last = orders.of(row.ownOrder()).last();
    if (wanted.step() > last) {
      throw Problem.badRequest("step is at most " + last + ", the end of the sequence.");
    }
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

  /** In which order the class is taught, without its ticks. */
  @Transactional(readOnly = true)
  TeachingSequence orderOf(SchoolClass of) {
    return orders.of(rows.findById(of.id()).orElseThrow().ownOrder());
  }

  /**
   * Takes an order of the class's own.
   *
   * @throws Problem 400 with every line that is wrong; then nothing is changed
   */
  @Transactional
  void takeOrder(SchoolClass of, String csv) {
    take(of, orders.read(csv, Accents.of(of.accent())));
  }

  /** The same from lines. */
  @Transactional
  void takeOrder(SchoolClass of, List<OwnOrder.Line> lines) {
    take(of, orders.read(lines, Accents.of(of.accent())));
  }

  private void take(SchoolClass of, OwnOrder.Read read) {
    if (!read.wrong().isEmpty()) {
      throw refused(read.wrong());
    }
    String kept = Orders.write(read.sequence());
    if (kept.length() > LONGEST) {
      throw Problem.tooLarge("The file is longer than " + LONGEST + " characters.");
    }
    keepOrder(of, kept);
  }

  private static Problem refused(List<OwnOrder.Wrong> wrong) {
    String first =
        wrong.stream()
            .limit(TOLD)
            .map(w -> "line " + w.line() + ": " + w.reason())
            .collect(Collectors.joining("; "));
    String more = wrong.size() > TOLD ? "; and %d more.".formatted(wrong.size() - TOLD) : ".";
    return Problem.refusedLines("Nothing was taken. " + first + more, wrong);
  }

  /** Goes back to ours. */
  @Transactional
  void dropOrder(SchoolClass of) {
    keepOrder(of, "");
  }

  private void keepOrder(SchoolClass of, String csv) {
    ProfileRow row = rows.findById(of.id()).orElseThrow();
    row.order(csv, orders.of(csv).last());
    rows.saveAndFlush(row);
  }
}

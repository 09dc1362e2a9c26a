package dettato.app.session;

import dettato.app.account.Teacher;
import dettato.app.problem.Problem;
import dettato.app.school.Pupil;
import dettato.session.Points;
import java.util.Set;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is noted while a session is given: stumbles over what is said aloud, and points. */
@Service
@RequiredArgsConstructor
class Runs {
  private final SessionAccess access;
  private final PlannedBlocks planned;

  /**
   * Notes whether the class stumbled on an item that is answered aloud; a card comes back then.
   *
   * @param children who stumbled, by their ids; whoever is named, the class stumbled
   * @throws Problem 404 when the session has no such item, or the class no such child
   */
  @Transactional
  void stumble(long id, long item, boolean stumbled, Set<Long> children, Teacher teacher) {
    SessionAccess.Open open = access.find(id, teacher);
    Set<Long> ours = open.of().pupils().stream().map(Pupil::id).collect(Collectors.toSet());
    children.stream()
        .filter(c -> !ours.contains(c))
        .findFirst()
        .ifPresent(
            c -> {
              throw Problem.notFound("There is no child " + c + " in this class.");
            });
    item(id, item).stumble(stumbled || !children.isEmpty(), children);
  }

  /**
   * Gives the class and the teacher what an item brought them, in place of what it had.
   *
   * @return what they have in the whole session
   */
  @Transactional
  Points bring(long id, long item, Points points, Teacher teacher) {
    access.find(id, teacher);
    item(id, item).bring(points);
    return TotalPoints.sum(planned.of(id));
  }

  private ItemRow item(long id, long item) {
    return planned.of(id).stream()
        .flatMap(p -> p.items().stream())
        .filter(i -> i.id() == item)
        .findFirst()
        .orElseThrow(() -> Problem.notFound("This session has no item " + item + "."));
  }
}

package dettato.app.session;

import dettato.app.account.Teacher;
import dettato.app.problem.Problem;
import dettato.app.school.Classes;
import dettato.app.school.SchoolClass;
import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import jakarta.persistence.OptimisticLockException;
import lombok.RequiredArgsConstructor;
import org.hibernate.StaleStateException;
import org.springframework.stereotype.Component;

/** Opens sessions for the teachers of their class, and for a change only at the version seen. */
@Component
@RequiredArgsConstructor
class SessionAccess {
  private final SessionRows sessions;
  private final Classes classes;
  private final EntityManager entities;

  /** A session with its class. */
  record Open(SessionRow row, SchoolClass of) {}

  /**
   * @throws Problem 404 when there is none, or it is not this teacher's
   */
  Open find(long id, Teacher teacher) {
    Open open = evenRemoved(id, teacher);
    if (open.row.isRemoved()) {
      throw unknown(id);
    }
    return open;
  }

  Open evenRemoved(long id, Teacher teacher) {
    SessionRow row = sessions.findById(id).orElseThrow(() -> unknown(id));
    return new Open(row, classes.find(row.classId(), teacher));
  }

  /**
   * Holds a session for a change, and raises its version.
   *
   * @throws Problem 409 when it was changed since the version was seen
   */
  Open change(long id, long version, Teacher teacher) {
    Open open = find(id, teacher);
    if (open.row.version() != version) {
      throw changed();
    }
    hold(open.row);
    return open;
  }

  /** Raises the version at once, so that whoever changes it at the same moment is told. */
  void hold(SessionRow row) {
    try {
      entities.lock(row, LockModeType.PESSIMISTIC_FORCE_INCREMENT);
    } catch (OptimisticLockException | StaleStateException late) {
      throw changed();
    }
  }

  /** Writes what was changed, so that the version shown is the one that is kept. */
  void write() {
    entities.flush();
  }

  private static Problem changed() {
    return Problem.conflict(
        "This session was changed elsewhere meanwhile. Look at it as it is now; nothing of yours"
            + " is lost here.");
  }

  private static Problem unknown(long id) {
    return Problem.notFound("There is no session " + id + ".");
  }
}

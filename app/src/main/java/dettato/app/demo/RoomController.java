package dettato.app.demo;

import dettato.app.account.Teacher;
import dettato.app.problem.Problem;
import dettato.app.session.ChildPapers;
import dettato.app.tablet.Handouts;
import lombok.RequiredArgsConstructor;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** A made-up class that writes on devices, for trying it; offered by the demo alone. */
@RestController
@RequiredArgsConstructor
class RoomController {
  private final ObjectProvider<SimulatedRoom> room;
  private final ChildPapers papers;
  private final Handouts handouts;

  /**
   * @param offered whether there is a made-up class at all
   * @param writing how many of its children write just now
   */
  record MadeUpRoom(boolean offered, int writing) {}

  /** How far the simulated children have come. Only with demo data. */
  @GetMapping("/api/sessions/{id}/room")
  MadeUpRoom view(@PathVariable long id, @AuthenticationPrincipal Teacher teacher) {
    papers.mustBeTheirs(id, teacher);
    SimulatedRoom there = room.getIfAvailable();
    return new MadeUpRoom(there != null, there == null ? 0 : there.writing(id));
  }

  /** Hands the session out, if it is not, and has the made-up children write. */
  @PostMapping("/api/sessions/{id}/room")
  MadeUpRoom begin(@PathVariable long id, @AuthenticationPrincipal Teacher teacher) {
    papers.mustBeTheirs(id, teacher);
    SimulatedRoom there = room.getIfAvailable();
    if (there == null) {
      throw Problem.notFound("The made-up class is part of the demo alone.");
    }
    if (there.writing(id) == 0) {
      there.begin(id, handouts.codeOf(id, teacher), teacher);
    }
    return view(id, teacher);
  }
}

package dettato.app.session;

import dettato.app.account.Teacher;
import dettato.session.Points;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Set;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What is noted while a session is given. */
@RestController
@RequiredArgsConstructor
class RunController {
  private final Runs runs;

  /**
   * @param pupils who stumbled, where that is noted; null for nobody named
   */
  record Stumble(boolean stumbled, @Nullable @Size(max = 60) Set<@NotNull Long> pupils) {}

  /**
   * What an item brings, in whole and half points.
   *
   * @param ours of the class
   * @param theirs of the teacher
   */
  record ItemPoints(double ours, double theirs) {}

  /** Notes whether the class stumbled on an item that is answered aloud, and who did. */
  @PutMapping("/api/sessions/{id}/items/{itemId}/stumble")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void stumble(
      @PathVariable long id,
      @PathVariable long itemId,
      @RequestBody @Valid Stumble noted,
      @AuthenticationPrincipal Teacher teacher) {
    Set<Long> children = noted.pupils() == null ? Set.of() : noted.pupils();
    runs.stumble(id, itemId, noted.stumbled(), children, teacher);
  }

  /** Gives points for an item, in place of those it had. */
  @PutMapping("/api/sessions/{id}/items/{itemId}/points")
  TotalPoints points(
      @PathVariable long id,
      @PathVariable long itemId,
      @RequestBody @Valid ItemPoints given,
      @AuthenticationPrincipal Teacher teacher) {
    Points points = Points.of(given.ours(), given.theirs());
    return TotalPoints.of(runs.bring(id, itemId, points, teacher));
  }
}

package dettato.app.tablet;

import dettato.app.account.Teacher;
import dettato.app.problem.Problem;
import jakarta.servlet.http.HttpSession;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** The teacher hands a session out, sees who sits and what comes in. */
@RestController
@RequiredArgsConstructor
class HandoutController {
  private final Handouts handouts;
  private final Listeners listeners;

  /**
   * How far the children are who write this session on devices, and its code while it is handed
   * out.
   */
  @GetMapping("/api/sessions/{id}/handout")
  Handouts.HandoutView view(@PathVariable long id, @AuthenticationPrincipal Teacher teacher) {
    return handouts.view(id, teacher);
  }

  /**
   * Hands a session out under a code that is good for a morning; one that is out keeps its code.
   */
  @PostMapping("/api/sessions/{id}/handout")
  Handouts.HandoutView open(@PathVariable long id, @AuthenticationPrincipal Teacher teacher) {
    return handouts.open(id, teacher);
  }

  /** Ends the handing out: code and places are forgotten, what is written stays. */
  @DeleteMapping("/api/sessions/{id}/handout")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void close(@PathVariable long id, @AuthenticationPrincipal Teacher teacher) {
    handouts.close(id, teacher);
  }

  /** A picture of the address with the code, for a device to scan. */
  @GetMapping(path = "/api/sessions/{id}/handout.png", produces = MediaType.IMAGE_PNG_VALUE)
  byte[] picture(@PathVariable long id, @AuthenticationPrincipal Teacher teacher) {
    String address =
        ServletUriComponentsBuilder.fromCurrentContextPath().path("/write").toUriString();
    String code =
        Optional.ofNullable(handouts.view(id, teacher).code())
            .orElseThrow(() -> Problem.notFound("This session is not handed out now."));
    return ScanPicture.of(address + "?code=" + code);
  }

  /** Cells as they are written on devices, one event each. */
  @GetMapping(path = "/api/sessions/{id}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter events(
      @PathVariable long id, HttpSession login, @AuthenticationPrincipal Teacher teacher) {
    handouts.view(id, teacher);
    return listeners.to(id, teacher, login);
  }
}

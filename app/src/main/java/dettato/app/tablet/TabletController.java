package dettato.app.tablet;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import lombok.RequiredArgsConstructor;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What a child's device asks for: open to all, and each call needs a code or a token. */
@RestController
@RequiredArgsConstructor
class TabletController {
  private static final String TOKEN = "Tablet-Token";

  private final Handouts handouts;
  private final CodeTries tries;

  record JoinCode(@NotBlank @Size(max = 12) String code) {}

  record ChosenName(@NotBlank @Size(max = 12) String code, long pupilId) {}

  record WrittenAnswer(@NotNull @Size(max = 400) String written) {}

  /** The children that may sit down with a code. Needs no login. */
  @PostMapping("/api/tablet/join")
  Handouts.Room join(@RequestBody @Valid JoinCode asked, HttpServletRequest request) {
    return tries.with(request.getRemoteAddr(), () -> handouts.join(asked.code()));
  }

  /** A place for a child; its token opens that paper alone. Needs no login. */
  @PostMapping("/api/tablet/sit")
  Handouts.Seat sit(@RequestBody @Valid ChosenName asked, HttpServletRequest request) {
    return tries.with(request.getRemoteAddr(), () -> handouts.sit(asked.code(), asked.pupilId()));
  }

  /** What a child is to write, without any word of it. Needs the token of its place. */
  @GetMapping("/api/tablet/sheet")
  Handouts.TabletSheet sheet(@RequestHeader(TOKEN) String token) {
    return handouts.sheet(token);
  }

  /** Keeps what a child wrote for one item. Needs the token of its place. */
  @PutMapping("/api/tablet/items/{itemId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void write(
      @PathVariable long itemId,
      @RequestHeader(TOKEN) String token,
      @RequestBody @Valid WrittenAnswer answer) {
    handouts.write(token, itemId, answer.written());
  }

  /** Says that a child is done. Needs the token of its place. */
  @PostMapping("/api/tablet/hand-in")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void handIn(@RequestHeader(TOKEN) String token) {
    handouts.handIn(token);
  }
}

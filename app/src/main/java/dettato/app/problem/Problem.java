package dettato.app.problem;

import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;

/** Something the caller can mend: says what is wrong, where, and what to do. */
public class Problem extends RuntimeException {
  private final HttpStatus status;

  /** What stands there now, for whoever was late; empty when there is nothing to show. */
  private final transient Map<String, Object> more;

  /** When to come again; null when that does not help. */
  private final @Nullable Duration rest;

  private Problem(
      HttpStatus status, String message, Map<String, Object> more, @Nullable Duration rest) {
    super(message);
    this.status = status;
    this.more = Map.copyOf(more);
    this.rest = rest;
  }

  private Problem(HttpStatus status, String message, Map<String, Object> more) {
    this(status, message, more, null);
  }

  private Problem(HttpStatus status, String message) {
    this(status, message, Map.of());
  }

  /** 400: the request itself is wrong. */
  public static Problem badRequest(String message) {
    return new Problem(HttpStatus.BAD_REQUEST, message);
  }

  /** 400: a file with lines that cannot be taken, each told. */
  public static Problem refusedLines(String message, Object lines) {
    return new Problem(HttpStatus.BAD_REQUEST, message, Map.of("lines", lines));
  }

  /** 404: no such thing, or not this teacher's. */
  public static Problem notFound(String message) {
    return new Problem(HttpStatus.NOT_FOUND, message);
  }

  /** 401: not logged in, or the wrong name or password. */
  public static Problem unauthorized(String message) {
    return new Problem(HttpStatus.UNAUTHORIZED, message);
  }

  /** 403: somebody else may do this. */
  public static Problem forbidden(String message) {
    return new Problem(HttpStatus.FORBIDDEN, message);
  }

  /** 413: more than can be taken at once. */
  public static Problem tooLarge(String message) {
    return new Problem(HttpStatus.PAYLOAD_TOO_LARGE, message);
  }

  /** 428: a write must say which version it changes. */
  public static Problem versionWanted() {
    return new Problem(
        HttpStatus.PRECONDITION_REQUIRED,
        "Say which version you change, in the header If-Match, such as \"3\".");
  }

  /** 429: too much at once, or too many tries; says after which rest to come again. */
  public static Problem tooMany(String message, Duration rest) {
    return new Problem(HttpStatus.TOO_MANY_REQUESTS, message, Map.of(), rest);
  }

  /** 409: it cannot be done now. */
  public static Problem conflict(String message) {
    return new Problem(HttpStatus.CONFLICT, message);
  }

  /** 409: it was changed meanwhile; shows what stands there now. */
  public static Problem changed(String message, Object current) {
    return new Problem(HttpStatus.CONFLICT, message, Map.of("current", current));
  }

  HttpStatus status() {
    return status;
  }

  /** After which rest it may be tried again; empty when that does not help. */
  public Optional<Duration> rest() {
    return Optional.ofNullable(rest);
  }

  Map<String, Object> more() {
    return more;
  }
}

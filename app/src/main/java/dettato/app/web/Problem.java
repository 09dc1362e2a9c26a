package dettato.app.web;

import org.springframework.http.HttpStatus;

/** Something the caller can mend: says what is wrong, where, and what to do. */
public class Problem extends RuntimeException {
  private final HttpStatus status;

  private Problem(HttpStatus status, String message) {
    super(message);
    this.status = status;
  }

  /** 400: the request itself is wrong. */
  public static Problem badRequest(String message) {
    return new Problem(HttpStatus.BAD_REQUEST, message);
  }

  /** 404: no such thing, or not this teacher's. */
  public static Problem notFound(String message) {
    return new Problem(HttpStatus.NOT_FOUND, message);
  }

  /** 401: not logged in, or the wrong name or password. */
  public static Problem unauthorized(String message) {
    return new Problem(HttpStatus.UNAUTHORIZED, message);
  }

  /** 429: too many tries. */
  public static Problem tooMany(String message) {
    return new Problem(HttpStatus.TOO_MANY_REQUESTS, message);
  }

  /** 409: it cannot be done now. */
  public static Problem conflict(String message) {
    return new Problem(HttpStatus.CONFLICT, message);
  }

  HttpStatus status() {
    return status;
  }
}

package dettato.app.security;

import dettato.app.problem.Problem;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import org.springframework.http.HttpStatus;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Bounds what a request may carry: little before login, when anyone may ask; a file of attempts as
 * many lines as are taken at once; elsewhere a class's whole year. What is longer is answered 413.
 * Whoever is logged in is heard to the end, without anything being kept, since many read an answer
 * only when all is sent.
 */
final class BodyLimit extends OncePerRequestFilter {
  static final int BEFORE_LOGIN = 16 * 1024;
  static final int AFTER_LOGIN = 16 * 1024 * 1024;
  static final int OF_ATTEMPTS = 4 * 1024 * 1024;

  private static final String ATTEMPTS = "/attempts/import";
  private static final Duration HEARD_FOR = Duration.ofSeconds(5);
  private static final int BUFFER = 64 * 1024;

  private final Refusal refusal;

  /** Writes the refusal as a problem document. */
  @FunctionalInterface
  interface Refusal {
    void write(HttpServletResponse response, HttpStatus status, String detail) throws IOException;
  }

  /** How many bytes, and what is said of more. */
  private record Limit(int bytes, String says) {
    static Limit of(HttpServletRequest request) {
      if (!SecurityConfig.isLoggedIn(request)) {
        return of(BEFORE_LOGIN);
      }
      return request.getRequestURI().endsWith(ATTEMPTS)
          ? new Limit(
              OF_ATTEMPTS,
              "A file carries at most 20,000 lines and %d kB. Send it in parts, such as a term each."
                  .formatted(OF_ATTEMPTS / 1024))
          : of(AFTER_LOGIN);
    }

    private static Limit of(int bytes) {
      return new Limit(
          bytes, "A request carries at most %d kB here. Send it in parts.".formatted(bytes / 1024));
    }
  }

  BodyLimit(Refusal refusal) {
    this.refusal = refusal;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    Limit limit = Limit.of(request);
    if (request.getContentLengthLong() > limit.bytes) {
      hearOut(request);
      refusal.write(response, HttpStatus.PAYLOAD_TOO_LARGE, limit.says);
      return;
    }
    chain.doFilter(new Bounded(request, limit), response);
    if (response.getStatus() == HttpStatus.PAYLOAD_TOO_LARGE.value()) {
      hearOut(request);
    }
  }

  /** Reads what else is sent, for a while. */
  private static void hearOut(HttpServletRequest request) throws IOException {
    long until = System.nanoTime() + HEARD_FOR.toNanos();
    byte[] buffer = new byte[BUFFER];
    while (request.getInputStream().read(buffer) >= 0 && System.nanoTime() < until) {
      // Nothing of it is kept.
    }
  }

  /** A body that says no length may still be too long. */
  private static final class Bounded extends HttpServletRequestWrapper {
    private final Limit limit;

    Bounded(HttpServletRequest request, Limit limit) {
      super(request);
      this.limit = limit;
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
      return new Counted(super.getInputStream(), limit);
    }
  }

  private static final class Counted extends ServletInputStream {
    private final ServletInputStream body;
    private final Limit limit;
    private int read;

    Counted(ServletInputStream body, Limit limit) {
      this.body = body;
      this.limit = limit;
    }

    @Override
    public int read() throws IOException {
      int one = body.read();
      count(one < 0 ? 0 : 1);
      return one;
    }

    @Override
    public int read(byte[] into, int from, int length) throws IOException {
      int some = body.read(into, from, length);
      count(Math.max(0, some));
      return some;
    }

    private void count(int more) {
      read += more;
      if (read > limit.bytes) {
        throw Problem.tooLarge(limit.says);
      }
    }

    @Override
    public boolean isFinished() {
      return body.isFinished();
    }

    @Override
    public boolean isReady() {
      return body.isReady();
    }

    @Override
    public void setReadListener(ReadListener listener) {
      body.setReadListener(listener);
    }
  }
}

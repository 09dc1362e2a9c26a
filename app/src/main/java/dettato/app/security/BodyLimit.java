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
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Bounds what a request may carry: little before login, when anyone may ask; a class's whole year
 * of papers after it. What is longer is answered 413, and not read on.
 */
final class BodyLimit extends OncePerRequestFilter {
  static final int BEFORE_LOGIN = 16 * 1024;
  static final int AFTER_LOGIN = 16 * 1024 * 1024;

  private final Refusal refusal;

  /** Writes the refusal as a problem document. */
  @FunctionalInterface
  interface Refusal {
    void write(HttpServletResponse response, String detail) throws IOException;
  }

  BodyLimit(Refusal refusal) {
    this.refusal = refusal;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    int limit = SecurityConfig.isLoggedIn(request) ? AFTER_LOGIN : BEFORE_LOGIN;
    if (request.getContentLengthLong() > limit) {
      refusal.write(response, tooLong(limit));
      return;
    }
    chain.doFilter(new Bounded(request, limit), response);
  }

  private static String tooLong(int limit) {
    return "A request carries at most %d kB here. Send it in parts.".formatted(limit / 1024);
  }

  /** A body that says no length may still be too long. */
  private static final class Bounded extends HttpServletRequestWrapper {
    private final int limit;

    Bounded(HttpServletRequest request, int limit) {
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
    private final int limit;
    private int read;

    Counted(ServletInputStream body, int limit) {
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
      if (read > limit) {
        throw Problem.tooLarge(tooLong(limit));
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

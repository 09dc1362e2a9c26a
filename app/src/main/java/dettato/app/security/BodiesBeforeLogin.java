package dettato.app.security;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.Filter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.ServletRequest;
import jakarta.servlet.ServletResponse;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Duration;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicBoolean;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;

/**
 * Reads what somebody who is not logged in sends before anything is done with it, as it comes and
 * without a thread that waits for it: whoever sends slowly, or never ends, keeps nobody from being
 * served. Of what is too long no more is kept than shows that it is.
 */
final class BodiesBeforeLogin implements Filter {
  private static final Duration PATIENCE = Duration.ofSeconds(10);
  private static final Duration COME_AGAIN = Duration.ofSeconds(10);

  /** Bodies on their way at one time: from one address, and in all. */
  private static final int FROM_ONE = 60;

  private static final int IN_ALL = 600;
  private static final int KEPT = BodyLimit.BEFORE_LOGIN + 1;
  private static final int BUFFER = 4 * 1024;
  private static final String READ = BodiesBeforeLogin.class.getName();

  private final BodyLimit.Refusal refusal;
  private final Map<String, Integer> coming = new ConcurrentHashMap<>();

  BodiesBeforeLogin(BodyLimit.Refusal refusal) {
    this.refusal = refusal;
  }

  @Override
  public void doFilter(ServletRequest asked, ServletResponse answer, FilterChain chain)
      throws IOException, ServletException {
    HttpServletRequest request = (HttpServletRequest) asked;
    HttpServletResponse response = (HttpServletResponse) answer;
    if (request.getAttribute(READ) instanceof byte[] body) {
      chain.doFilter(new WithBody(request, body), response);
    } else if (request.getDispatcherType() != DispatcherType.REQUEST
        || !mayHaveBody(request)
        || !AbandonedBodies.mayBe(request)
        || SecurityConfig.isLoggedIn(request)) {
      chain.doFilter(request, response);
    } else if (mayCome(request.getRemoteAddr())) {
      read(request, response);
    } else {
      response.setHeader(HttpHeaders.RETRY_AFTER, String.valueOf(COME_AGAIN.toSeconds()));
      refuse(
          request,
          response,
          HttpStatus.TOO_MANY_REQUESTS,
          "Too much is being sent from here at once. Try again in a few seconds.");
    }
  }

  /** Answers without the rest of the body, and closes the line. */
  private void refuse(
      HttpServletRequest request, HttpServletResponse response, HttpStatus status, String detail)
      throws IOException {
    response.setHeader(HttpHeaders.CONNECTION, "close");
    refusal.write(response, status, detail);
    response.flushBuffer();
    AbandonedBodies.abandon(request);
  }

  private static boolean mayHaveBody(HttpServletRequest request) {
    return request.getContentLengthLong() > 0
        || request.getHeader(HttpHeaders.TRANSFER_ENCODING) != null;
  }

  private boolean mayCome(String address) {
    int now = coming.merge(address, 1, Integer::sum);
    boolean may =
        now <= FROM_ONE && coming.values().stream().mapToInt(Integer::intValue).sum() <= IN_ALL;
    if (!may) {
      came(address);
    }
    return may;
  }

  private void came(String address) {
    coming.computeIfPresent(address, (a, some) -> some > 1 ? some - 1 : null);
  }

  private void read(HttpServletRequest request, HttpServletResponse response) throws IOException {
    AsyncContext waiting = request.startAsync(request, response);
    waiting.setTimeout(PATIENCE.toMillis());
    Coming body = new Coming(waiting, request, response);
    waiting.addListener(body);
    request.getInputStream().setReadListener(body);
  }

  /** A body on its way: it comes whole, or its time is over, or whoever sends it is gone. */
  private final class Coming implements ReadListener, AsyncListener {
    private final AsyncContext waiting;
    private final HttpServletRequest request;
    private final HttpServletResponse response;
    private final String address;
    private final AtomicBoolean over = new AtomicBoolean();
    private final ByteArrayOutputStream kept = new ByteArrayOutputStream();
    private final byte[] buffer = new byte[BUFFER];

    Coming(AsyncContext waiting, HttpServletRequest request, HttpServletResponse response) {
      this.waiting = waiting;
      this.request = request;
      this.response = response;
      this.address = request.getRemoteAddr();
    }

    @Override
    public void onDataAvailable() throws IOException {
      ServletInputStream body = request.getInputStream();
      while (body.isReady() && !body.isFinished()) {
        int some = body.read(buffer);
        if (some < 0) {
          return;
        }
        kept.write(buffer, 0, Math.min(some, KEPT - kept.size()));
      }
    }

    @Override
    public void onAllDataRead() {
      if (end()) {
        request.setAttribute(READ, kept.toByteArray());
        waiting.dispatch();
      }
    }

    @Override
    public void onError(Throwable gone) {
      if (end()) {
        response.setStatus(HttpStatus.BAD_REQUEST.value());
        waiting.complete();
      }
    }

    @Override
    public void onTimeout(AsyncEvent late) throws IOException {
      if (end()) {
        refuse(
            request,
            response,
            HttpStatus.REQUEST_TIMEOUT,
            "It did not come within %d seconds. Send it again.".formatted(PATIENCE.toSeconds()));
        waiting.complete();
      }
    }

    @Override
    public void onError(AsyncEvent gone) {
      end();
    }

    @Override
    public void onComplete(AsyncEvent done) {
      end();
    }

    @Override
    public void onStartAsync(AsyncEvent again) {
      // What is begun after the body is there is no matter of the body's.
    }

    /** True for the first that ends it. */
    private boolean end() {
      boolean first = over.compareAndSet(false, true);
      if (first) {
        came(address);
      }
      return first;
    }
  }
}

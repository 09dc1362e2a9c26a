package dettato.app.security;

import jakarta.servlet.ServletException;
import jakarta.servlet.ServletRequest;
import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;
import org.springframework.boot.web.embedded.tomcat.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/**
 * Lets a request be answered without the rest of its body: the server would else read that to its
 * end before it closes the line, with a thread that waits for whoever sends.
 */
@Component
class AbandonedBodies implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
  private static final String ABANDON = AbandonedBodies.class.getName();

  @Override
  public void customize(TomcatServletWebServerFactory server) {
    server.addEngineValves(new Offer());
  }

  /** Leaves with each request how to give up its body. */
  private static final class Offer extends ValveBase {
    Offer() {
      super(true);
    }

    @Override
    public void invoke(Request request, Response response) throws IOException, ServletException {
      Runnable abandon =
          () -> request.getCoyoteRequest().action(ActionCode.DISABLE_SWALLOW_INPUT, null);
      request.setAttribute(ABANDON, abandon);
      getNext().invoke(request, response);
    }
  }

  /** Whether a request came over a server that can do so. */
  static boolean mayBe(ServletRequest request) {
    return request.getAttribute(ABANDON) instanceof Runnable;
  }

  /** Reads no more of a request's body; its line is closed when it has been answered. */
  static void abandon(ServletRequest request) {
    if (request.getAttribute(ABANDON) instanceof Runnable abandon) {
      abandon.run();
    }
  }
}

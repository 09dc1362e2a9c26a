package dettato.app.security;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;

/**
 * A request whose body was read already. To all that follows it is one that has just come: what is
 * checked of a request is checked of it.
 */
final class WithBody extends HttpServletRequestWrapper {
  private final ByteArrayInputStream body;

  WithBody(HttpServletRequest request, byte[] body) {
    super(request);
    this.body = new ByteArrayInputStream(body);
  }

  @Override
  public DispatcherType getDispatcherType() {
    return DispatcherType.REQUEST;
  }

  @Override
  public BufferedReader getReader() {
    return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
  }

  @Override
  public ServletInputStream getInputStream() {
    return new ServletInputStream() {
      @Override
      public int read() {
        return body.read();
      }

      @Override
      public int read(byte[] into, int from, int length) {
        return body.read(into, from, length);
      }

      @Override
      public boolean isFinished() {
        return body.available() == 0;
      }

      @Override
      public boolean isReady() {
        return true;
      }

      @Override
      public void setReadListener(ReadListener listener) {
        throw new IllegalStateException("the body is there already");
      }
    };
  }
}

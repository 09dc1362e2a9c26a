package dettato.app.security;

import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.apache.catalina.valves.RemoteIpValve;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.embedded.tomcat.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/**
 * Believes what a proxy says of a client, its address and whether it speaks TLS, when the request
 * comes from a proxy that was named; of several addresses only the last that a named proxy added.
 * What anybody else writes in these headers counts for nothing.
 */
@Component
class TrustedProxy implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
  /** What the setting was before it named addresses: a proxy on this machine. */
  private static final List<String> ON_THIS_MACHINE = List.of("framework", "native");

  private static final List<String> LOOPBACK = List.of("127.0.0.1", "0:0:0:0:0:0:0:1", "::1");

  private final List<String> addresses;

  /**
   * @param proxies addresses, separated by commas; empty or {@code none} for none
   */
  TrustedProxy(@Value("${dettato.proxy:}") String proxies) {
    this.addresses =
        Arrays.stream(proxies.split(","))
            .map(String::strip)
            .filter(p -> !p.isEmpty() && !p.equals("none"))
            .flatMap(p -> (ON_THIS_MACHINE.contains(p) ? LOOPBACK : List.of(p)).stream())
            .toList();
  }

  @Override
  public void customize(TomcatServletWebServerFactory server) {
    if (addresses.isEmpty()) {
      return;
    }
    RemoteIpValve valve = new RemoteIpValve();
    valve.setInternalProxies(
        addresses.stream().map(Pattern::quote).collect(Collectors.joining("|")));
    valve.setTrustedProxies(null);
    valve.setProtocolHeader("X-Forwarded-Proto");
    server.addEngineValves(valve);
  }
}

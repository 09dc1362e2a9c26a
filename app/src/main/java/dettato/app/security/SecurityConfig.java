package dettato.app.security;

import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.InetAddress;
import java.net.UnknownHostException;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.boot.web.servlet.ServletContextInitializer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextHolderFilter;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfTokenRequestAttributeHandler;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/** Session login with a CSRF cookie; everything under /api but the login itself is closed. */
@Configuration
class SecurityConfig {
  private static final String POLICY =
      "default-src 'self'; img-src 'self' data:; style-src 'self' 'unsafe-inline'; font-src 'self';"
          + " object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

  private static final String TABLET = "/api/tablet/";

  /** What children's devices ask for, with a code or a token of their own. */
  private static final String TABLETS = TABLET + "**";

  private static final String[] LOGIN = {"/api/session", "/api/login", "/api/accounts/first"};

  private final ObjectMapper json;
  private final boolean beyondThisMachine;

  SecurityConfig(ObjectMapper json, @Value("${server.address:127.0.0.1}") String address)
      throws UnknownHostException {
    this.json = json;
    this.beyondThisMachine = !InetAddress.getByName(address).isLoopbackAddress();
  }

  @Bean
  SecurityFilterChain security(HttpSecurity http) throws Exception {
    CsrfTokenRequestAttributeHandler eager = new CsrfTokenRequestAttributeHandler();
    eager.setCsrfRequestAttributeName(null);
    CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
    tokens.setCookieCustomizer(c -> c.secure(beyondThisMachine).sameSite("Lax"));
    return http.authorizeHttpRequests(
            a ->
                // What was let in goes on to its end, also when the login ends meanwhile.
                a.dispatcherTypeMatchers(DispatcherType.ASYNC)
                    .permitAll()
                    .requestMatchers(LOGIN)
                    .permitAll()
                    .requestMatchers(TABLETS)
                    .permitAll()
                    .requestMatchers("/api/**")
                    .authenticated()
                    .requestMatchers("/actuator/health", "/actuator/health/**")
                    .permitAll()
                    .requestMatchers("/actuator/**")
                    .denyAll()
                    .anyRequest()
                    .permitAll())
        .addFilterBefore(new BodyLimit(this::write), SecurityContextHolderFilter.class)
        .csrf(c -> c.csrfTokenRepository(tokens).csrfTokenRequestHandler(eager))
        .exceptionHandling(
            e ->
                e.authenticationEntryPoint((request, response, failure) -> notLoggedIn(response))
                    .accessDeniedHandler((request, response, failure) -> denied(request, response)))
        .headers(
            h ->
                h.contentSecurityPolicy(p -> p.policyDirectives(POLICY))
                    .referrerPolicy(r -> r.policy(ReferrerPolicy.NO_REFERRER)))
        .formLogin(f -> f.disable())
        .httpBasic(b -> b.disable())
        .logout(l -> l.disable())
        .requestCache(r -> r.disable())
        .build();
  }

  @Bean
  PasswordEncoder passwords() {
    return PasswordEncoderFactories.createDelegatingPasswordEncoder();
  }

  /** The first of all filters. */
  @Bean
  FilterRegistrationBean<BodiesBeforeLogin> bodiesBeforeLogin() {
    FilterRegistrationBean<BodiesBeforeLogin> filter =
        new FilterRegistrationBean<>(new BodiesBeforeLogin(this::write));
    filter.setDispatcherTypes(DispatcherType.REQUEST, DispatcherType.ASYNC);
    filter.setOrder(Ordered.HIGHEST_PRECEDENCE);
    return filter;
  }

  /** Beyond this machine the session's cookie travels over TLS alone. */
  @Bean
  ServletContextInitializer sessionCookie() {
    return context -> context.getSessionCookieConfig().setSecure(beyondThisMachine);
  }

  /** Who is not logged in is told so first, whatever else is missing. */
  private void denied(HttpServletRequest request, HttpServletResponse response) throws IOException {
    String path = request.getRequestURI();
    boolean login = java.util.List.of(LOGIN).contains(path) || path.startsWith(TABLET);
    if (!login && !isLoggedIn(request)) {
      notLoggedIn(response);
      return;
    }
    write(
        response,
        HttpStatus.FORBIDDEN,
        "This write lacks the X-XSRF-TOKEN header. Send the value of the XSRF-TOKEN cookie in it.");
  }

  static boolean isLoggedIn(HttpServletRequest request) {
    var session = request.getSession(false);
    @Nullable Object context =
        session == null
            ? null
            : session.getAttribute(
                HttpSessionSecurityContextRepository.SPRING_SECURITY_CONTEXT_KEY);
    return context instanceof SecurityContext c && c.getAuthentication() != null;
  }

  private void notLoggedIn(HttpServletResponse response) throws IOException {
    write(
        response,
        HttpStatus.UNAUTHORIZED,
        "You are not logged in, or your session has ended. Log in and go on.");
  }

  private void write(HttpServletResponse response, HttpStatus status, String detail)
      throws IOException {
    response.setStatus(status.value());
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    json.writeValue(response.getOutputStream(), ProblemDetail.forStatusAndDetail(status, detail));
  }
}

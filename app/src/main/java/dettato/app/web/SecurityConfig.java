package dettato.app.web;

import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfTokenRequestAttributeHandler;

/** Session login with a CSRF cookie; everything under /api but the session itself is closed. */
@Configuration
class SecurityConfig {
  private static final String POLICY =
      "default-src 'self'; img-src 'self' data:; style-src 'self' 'unsafe-inline'; font-src 'self';"
          + " object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

  private final ObjectMapper json;

  SecurityConfig(ObjectMapper json) {
    this.json = json;
  }

  @Bean
  SecurityFilterChain security(HttpSecurity http) throws Exception {
    CsrfTokenRequestAttributeHandler eager = new CsrfTokenRequestAttributeHandler();
    eager.setCsrfRequestAttributeName(null);
    return http.authorizeHttpRequests(
            a ->
                a.requestMatchers("/api/session", "/api/accounts/first")
                    .permitAll()
                    .requestMatchers("/api/**")
                    .authenticated()
                    .requestMatchers("/actuator/health", "/actuator/health/**")
                    .permitAll()
                    .requestMatchers("/actuator/**")
                    .denyAll()
                    .anyRequest()
                    .permitAll())
        .csrf(
            c ->
                c.csrfTokenRepository(CookieCsrfTokenRepository.withHttpOnlyFalse())
                    .csrfTokenRequestHandler(eager))
        .exceptionHandling(
            e ->
                e.authenticationEntryPoint((request, response, failure) -> notLoggedIn(response))
                    .accessDeniedHandler((request, response, failure) -> denied(request, response)))
        .headers(h -> h.contentSecurityPolicy(p -> p.policyDirectives(POLICY)))
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

  /** Who is not logged in is told so first, whatever else is missing. */
  private void denied(HttpServletRequest request, HttpServletResponse response) throws IOException {
    boolean session = request.getRequestURI().startsWith("/api/session");
    if (!session && !isLoggedIn(request)) {
      notLoggedIn(response);
      return;
    }
    write(
        response,
        HttpStatus.FORBIDDEN,
        "This write lacks the X-XSRF-TOKEN header. Send the value of the XSRF-TOKEN cookie in it.");
  }

  private static boolean isLoggedIn(HttpServletRequest request) {
    var session = request.getSession(false);
    Object context =
        session == null
            ? null
            : session.getAttribute(
                HttpSessionSecurityContextRepository.SPRING_SECURITY_CONTEXT_KEY);
    return context instanceof SecurityContext c && c.getAuthentication() != null;
  }

  private void notLoggedIn(HttpServletResponse response) throws IOException {
    write(response, HttpStatus.UNAUTHORIZED, "Log in first: POST /api/session.");
  }

  private void write(HttpServletResponse response, HttpStatus status, String detail)
      throws IOException {
    response.setStatus(status.value());
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    json.writeValue(response.getOutputStream(), ProblemDetail.forStatusAndDetail(status, detail));
  }
}

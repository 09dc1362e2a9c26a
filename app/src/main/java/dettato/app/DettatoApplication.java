package dettato.app;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.autoconfigure.security.servlet.UserDetailsServiceAutoConfiguration;
import org.springframework.context.annotation.Bean;

/** Starts Dettato. */
@SpringBootApplication(exclude = UserDetailsServiceAutoConfiguration.class)
public class DettatoApplication {
  public static void main(String[] args) {
    SpringApplication.run(DettatoApplication.class, args);
  }

  @Bean
  Clock clock() {
    return Clock.systemDefaultZone();
  }
}

package dettato.app;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import org.springframework.beans.factory.annotation.Value;
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

  /**
   * @param today a day to stay on, for a rehearsal; "" for the days as they come
   */
  @Bean
  Clock clock(@Value("${dettato.today}") String today) {
    ZoneId here = ZoneId.systemDefault();
    return today.isEmpty()
        ? Clock.systemDefaultZone()
        : Clock.fixed(LocalDate.parse(today).atTime(LocalTime.NOON).atZone(here).toInstant(), here);
  }
}

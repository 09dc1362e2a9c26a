package dettato.app.engine;

import dettato.activity.Activities;
import dettato.activity.shipped.ShippedActivities;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The kinds of activity this school has. */
@Configuration
class ActivityKinds {
  @Bean
  Activities activities() {
    return ShippedActivities.ALL;
  }
}

package dettato.app.web;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.Set;
import org.springframework.boot.actuate.health.SystemHealth;
import org.springframework.boot.jackson.JsonMixin;

/**
 * Health is answered by its status alone, as scripts expect it; which groups there are is in the
 * docs.
 */
@JsonMixin(SystemHealth.class)
abstract class PlainHealth {
  @JsonIgnore
  abstract Set<String> getGroups();
}

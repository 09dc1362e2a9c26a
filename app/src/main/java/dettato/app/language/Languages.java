package dettato.app.language;

import dettato.sound.Accents;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/** The core for each accent, made when first asked for. */
@Component
public class Languages {
  private final Map<String, Language> made = new ConcurrentHashMap<>();

  /**
   * @throws IllegalArgumentException when the accent is unknown
   */
  public Language of(String accent) {
    return made.computeIfAbsent(Accents.of(accent).id(), Language::new);
  }
}

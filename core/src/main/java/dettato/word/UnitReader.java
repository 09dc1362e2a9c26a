package dettato.word;

import java.util.HashMap;
import java.util.Map;

/** Reads units of one table; equal ones become one, since a few thousand serve every word. */
final class UnitReader {
  private final Map<String, Unit> firstOfBeat = new HashMap<>();
  private final Map<String, Unit> withinBeat = new HashMap<>();

  /**
   * @param opens whether a beat begins with it
   * @throws dettato.input.Unacceptable when the form is broken or the sound unknown
   */
  Unit read(String token, boolean opens) {
    return (opens ? firstOfBeat : withinBeat).computeIfAbsent(token, t -> Unit.parse(t, opens));
  }
}

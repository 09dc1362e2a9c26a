package dettato.sound;

import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * How a community says the lexical sets. Two sets that sound alike in an accent merge there, and so
 * do their spellings.
 *
 * @param id a language tag, such as en-GB
 * @param name what a teacher calls it
 * @param line this accent, then the one it is like, and so on, then "" for what all share: where
 *     its whole-word readings are looked for
 * @param ipa what each single sound is there
 * @param merges sounds that many say like another, which is how their spellings are judged
 */
public record Accent(
    String id,
    String name,
    List<String> line,
    Map<String, String> ipa,
    Map<String, String> merges) {
  private static final String GLIDING = "ju";

  public Accent {
    line = List.copyOf(line);
    ipa = Collections.unmodifiableMap(new HashMap<>(ipa));
    merges = Collections.unmodifiableMap(new HashMap<>(merges));
  }

  /** The IPA of a sound here; a run's parts are said one after the other. */
  public String say(Sound sound) {
    if (!sound.isRun()) {
      return single(sound);
    }
    StringBuilder said = new StringBuilder();
    sound.parts().forEach(part -> said.append(single(part)));
    return said.toString();
  }

  /**
   * The sounds that one is made of here: the parts of a run, /j/ and GOOSE where a long u is said
   * so; empty for a single sound.
   */
  public List<Sound> parts(Sound sound) {
    boolean gliding = sound.isVowel() && !sound.isRun() && say(sound).startsWith(GLIDING);
    return gliding ? List.of(Sounds.of("j"), Sounds.of("GOOSE")) : sound.parts();
  }

  /** Whether two sounds are one here. */
  public boolean alike(Sound a, Sound b) {
    return a.equals(b) || heard(a).equals(heard(b));
  }

  /** The IPA of a sound as most hear it here: of two that have become one, always the same. */
  public String heard(Sound sound) {
    String other = merges.get(sound.id());
    return say(other == null ? sound : Sounds.of(other));
  }

  /** Whether r is sounded after a vowel of the same beat (star with an r). */
  public boolean rhotic() {
    return single(Sounds.of("START")).endsWith("r");
  }

  private String single(Sound sound) {
    String said = ipa.get(sound.id());
    if (said == null) {
      throw new IllegalArgumentException("accent " + id + " does not say what " + sound + " is");
    }
    return said;
  }
}

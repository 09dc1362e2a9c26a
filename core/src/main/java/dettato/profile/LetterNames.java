package dettato.profile;

import dettato.sound.Accent;
import java.util.Locale;
import java.util.stream.Collectors;

/** A word letter by letter, by the letters' names, as they are said to a class. */
public final class LetterNames {
  private static final String[] NAMES = {
    "ay",
    "bee",
    "see",
    "dee",
    "ee",
    "eff",
    "jee",
    "aitch",
    "eye",
    "jay",
    "kay",
    "ell",
    "em",
    "en",
    "oh",
    "pee",
    "cue",
    "ar",
    "ess",
    "tee",
    "you",
    "vee",
    "double-you",
    "ex",
    "why",
    "zed"
  };

  private LetterNames() {}

  /** Names with commas between; the last letter is zee where that is said. */
  public static String of(String spelling, Accent accent) {
    boolean zee = accent.id().startsWith("en-US");
    return spelling
        .toLowerCase(Locale.ROOT)
        .chars()
        .filter(c -> c >= 'a' && c <= 'z')
        .mapToObj(c -> c == 'z' && zee ? "zee" : NAMES[c - 'a'])
        .collect(Collectors.joining(", "));
  }
}

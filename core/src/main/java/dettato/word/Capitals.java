package dettato.word;

import java.util.Locale;
import java.util.Set;

/** Words that are written with a capital letter: I and its short forms, days, months, feasts. */
public final class Capitals {
  private static final Set<String> NAMES =
      Set.of(
          "monday",
          "tuesday",
          "wednesday",
          "thursday",
          "friday",
          "saturday",
          "sunday",
          "january",
          "february",
          "april",
          "june",
          "july",
          "august",
          "september",
          "october",
          "november",
          "december",
          "christmas");

  /** Written with a capital in one of their meanings only. */
  private static final Set<String> SOMETIMES = Set.of("march", "may");

  private Capitals() {}

  /** Whether the word has a capital, in one of its meanings at least. */
  public static boolean mayHave(String spelling) {
    String small = spelling.toLowerCase(Locale.ROOT);
    return alwaysHas(small) || SOMETIMES.contains(small);
  }

  /** What was written, with the capital of the word it stands for: where that is judged apart. */
  public static String like(String spelling, String written) {
    return alwaysHas(spelling) && !written.isEmpty()
        ? Character.toUpperCase(written.charAt(0)) + written.substring(1)
        : written;
  }

  /** The word as it is written inside a sentence. */
  public static String written(String spelling) {
    return alwaysHas(spelling)
        ? Character.toUpperCase(spelling.charAt(0)) + spelling.substring(1)
        : spelling;
  }

  /** Whether the word is never written without its capital (Monday, I). */
  public static boolean mustHave(String spelling) {
    return alwaysHas(spelling.toLowerCase(Locale.ROOT));
  }

  private static boolean alwaysHas(String small) {
    return NAMES.contains(small) || small.equals("i") || small.startsWith("i'");
  }
}

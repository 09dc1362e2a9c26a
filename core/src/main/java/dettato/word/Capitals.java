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

  /** The word as it is written inside a sentence. */
  public static String written(String spelling) {
    return alwaysHas(spelling)
        ? Character.toUpperCase(spelling.charAt(0)) + spelling.substring(1)
        : spelling;
  }

  private static boolean alwaysHas(String small) {
    return NAMES.contains(small) || small.equals("i") || small.startsWith("i'");
  }
}

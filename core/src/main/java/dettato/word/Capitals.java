package dettato.word;

import dettato.table.Table;
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
  private static final Set<String> SOMETIMES =
      Set.copyOf(Table.load(Capitals.class, "also-names.tsv", row -> row.get("word")));

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

  /** Whether a word is written with a capital, as what it is meant. */
  public static boolean isCapital(Word word) {
    return word.isName() || mustHave(word.spelling());
  }

  /** The word as it is written inside a sentence. */
  public static String written(Word word) {
    return word.isName() ? capital(word.spelling()) : written(word.spelling());
  }

  private static String capital(String spelling) {
    return Character.toUpperCase(spelling.charAt(0)) + spelling.substring(1);
  }

  /** Whether a word was written as a name, with its capital and small letters after it. */
  public static boolean isName(String written) {
    boolean capital = written.length() > 1 && Character.isUpperCase(written.charAt(0));
    return capital
        && written.substring(1).chars().allMatch(Character::isLowerCase)
        && mayHave(written);
  }

  /** Whether the word is never written without its capital (Monday, I). */
  public static boolean mustHave(String spelling) {
    return alwaysHas(spelling.toLowerCase(Locale.ROOT));
  }

  /** Whether it is I or one of its short forms, which has a capital and is no name. */
  public static boolean isPronoun(String spelling) {
    String small = spelling.toLowerCase(Locale.ROOT);
    return small.equals("i") || small.startsWith("i'");
  }

  private static boolean alwaysHas(String small) {
    return NAMES.contains(small) || isPronoun(small) || Names.find(small).isPresent();
  }
}

package dettato.activity;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A sentence that nobody dictated: what it should look like is taken from itself. */
public final class FreeSentence {
  private static final Pattern FIRST = Pattern.compile("\\p{L}");
  private static final Pattern LONE_I = Pattern.compile("\\bi\\b(?!\\.)");

  private FreeSentence() {}

  /** The same words with a capital at the start, I as a capital, and an end mark. */
  public static String meant(String written) {
    String text = LONE_I.matcher(written.strip()).replaceAll("I");
    Matcher first = FIRST.matcher(text);
    if (first.find()) {
      text =
          text.substring(0, first.start())
              + Character.toUpperCase(text.charAt(first.start()))
              + text.substring(first.end());
    }
    return text.isEmpty() || text.matches("(?s).*[.?!][\"'”’]*") ? text : text + ".";
  }
}

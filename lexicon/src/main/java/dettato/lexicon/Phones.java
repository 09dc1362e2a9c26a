package dettato.lexicon;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Comparing pronunciations where sources waver. */
final class Phones {
  private static final Set<String> SHORT = Set.of("IH", "AH", "EH");

  private Phones() {}

  /** Whether two runs of phones are one but for stress, weak short vowels, and the cot vowel. */
  static boolean alike(List<String> a, List<String> b) {
    if (a.size() != b.size()) {
      return false;
    }
    for (int i = 0; i < a.size(); i++) {
      if (!alike(a.get(i), b.get(i))) {
        return false;
      }
    }
    return true;
  }

  /**
   * The vowels and consonants of one saying with the stresses of another that is alike; what is
   * strong in it stays half strong.
   */
  static List<String> withStressOf(List<String> said, List<String> stressed) {
    List<String> both = new ArrayList<>();
    for (int i = 0; i < said.size(); i++) {
      String digit = stressed.get(i).replaceAll("\\D", "");
      if (digit.equals("0") && said.get(i).endsWith("1")) {
        digit = "2";
      }
      both.add(said.get(i).replaceAll("\\d", "") + digit);
    }
    return both;
  }

  private static boolean alike(String a, String b) {
    String plainA = plain(a);
    String plainB = plain(b);
    boolean weak = !a.endsWith("1") && !b.endsWith("1");
    return plainA.equals(plainB) || weak && SHORT.contains(plainA) && SHORT.contains(plainB);
  }

  private static String plain(String phone) {
    return phone.replaceAll("\\d", "").replace("AO", "AA");
  }
}

package dettato.lexicon;

import java.util.List;

/** Comparing pronunciations where sources waver. */
final class Phones {
  private Phones() {}

  /** Whether two runs of phones are one but for stress, weak i and schwa, and the cot vowel. */
  static boolean alike(List<String> a, List<String> b) {
    if (a.size() != b.size()) {
      return false;
    }
    for (int i = 0; i < a.size(); i++) {
      if (!plain(a.get(i)).equals(plain(b.get(i)))) {
        return false;
      }
    }
    return true;
  }

  private static String plain(String phone) {
    return phone.replace("IH0", "AH0").replaceAll("\\d", "").replace("AO", "AA");
  }
}

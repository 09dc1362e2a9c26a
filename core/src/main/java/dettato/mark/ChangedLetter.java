package dettato.mark;

import dettato.sound.Correspondence;
import dettato.sound.Correspondences;
import dettato.sound.Grapheme;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** A longer grapheme with one vowel letter for another: tolk for talk, raen for rain. */
final class ChangedLetter {
  private static final String VOWELS = "aeiou";
  private static final String CHANGING = VOWELS + "y";
  private static final Set<String> LISTED =
      Correspondences.all().stream()
          .filter(c -> c.use() == Correspondence.Use.COMMON)
          .map(c -> c.grapheme().text())
          .collect(Collectors.toUnmodifiableSet());

  private ChangedLetter() {}

  /** What a grapheme may turn into; never what is itself a common grapheme of English. */
  static List<String> of(Grapheme grapheme) {
    String text = grapheme.text();
    List<String> changed = new ArrayList<>();
    if (text.length() < 2 || grapheme.isSplit()) {
      return changed;
    }
    for (int i = 0; i < text.length(); i++) {
      for (char vowel : VOWELS.toCharArray()) {
        String other = text.substring(0, i) + vowel + text.substring(i + 1);
        if (CHANGING.indexOf(text.charAt(i)) >= 0 && !LISTED.contains(other)) {
          changed.add(other);
        }
      }
    }
    return changed;
  }
}

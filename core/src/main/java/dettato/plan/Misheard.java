package dettato.plan;

import dettato.sound.Accent;
import dettato.sound.Sound;
import dettato.sound.Sounds;
import dettato.word.Segmentation;
import dettato.word.Unit;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Keeps words out that children would take for one no class should meet: it, but for its loudest
 * vowel, a consonant at its end, or a beginning that many say alike; or one with such a beat.
 */
final class Misheard {
  /** Beginnings, as written, and those that children say for them. */
  private static final Map<String, List<String>> BEGINNINGS =
      Map.ofEntries(
          Map.entry("s", List.of("sh")),
          Map.entry("sh", List.of("s")),
          Map.entry("th", List.of("f", "t")),
          Map.entry("f", List.of("th", "v")),
          Map.entry("v", List.of("f", "b")),
          Map.entry("ch", List.of("sh", "t")),
          Map.entry("j", List.of("ch", "d")),
          Map.entry("z", List.of("s")),
          Map.entry("w", List.of("r")),
          Map.entry("r", List.of("w")),
          Map.entry("d", List.of("t")),
          Map.entry("t", List.of("d", "ch")),
          Map.entry("b", List.of("p")),
          Map.entry("p", List.of("b")),
          Map.entry("g", List.of("c")),
          Map.entry("c", List.of("g")),
          Map.entry("k", List.of("c", "g")));

  private static final int SHORTEST = 3;

  private final Accent accent;
  private final Set<String> vowels;
  private final Set<String> consonants;

  Misheard(Accent accent) {
    this.accent = accent;
    this.vowels = said(Sound::isVowel);
    this.consonants = said(sound -> !sound.isVowel());
  }

  private Set<String> said(Predicate<Sound> such) {
    return Sounds.all().stream().filter(such).map(accent::say).collect(Collectors.toSet());
  }

  boolean isUnsuitable(Segmentation cut) {
    return Unsuitable.isNear(cut.spelling())
        || beginsAlike(cut)
        || hasUnsuitableBeat(cut)
        || soundsAlike(cut);
  }

  /** Whether letters begin with a whole word that no class should meet. */
  static boolean begins(String letters) {
    return IntStream.rangeClosed(SHORTEST, letters.length())
        .anyMatch(to -> Unsuitable.isOne(letters.substring(0, to)));
  }

  private static boolean beginsAlike(Segmentation cut) {
    String first = cut.unit(0).grapheme().head();
    String rest = cut.spelling().substring(first.length());
    return BEGINNINGS.getOrDefault(first, List.of()).stream()
        .anyMatch(other -> Unsuitable.isNear(other + rest));
  }

  private static boolean hasUnsuitableBeat(Segmentation cut) {
    int from = 0;
    for (int i = 1; i <= cut.size(); i++) {
      if (i == cut.size() || cut.unit(i).opensBeat()) {
        int to = i == cut.size() ? cut.spelling().length() : cut.start(i);
        String beat = cut.spelling().substring(from, to);
        if (Unsuitable.isOne(beat) || Unsuitable.isOne(beat.replaceFirst("^(.)\\1", "$1"))) {
          return true;
        }
        from = to;
      }
    }
    return false;
  }

  private boolean soundsAlike(Segmentation cut) {
    StringBuilder before = new StringBuilder();
    String all = cut.ipa(accent);
    if (Unsuitable.sounds(all)
        || consonants.stream().anyMatch(c -> Unsuitable.sounds(all + c))
        || Unsuitable.sounds(all.replaceFirst("(d|tʃ|dʒ)$", "t"))) {
      return true;
    }
    for (int i = 0; i < cut.size(); i++) {
      Unit unit = cut.unit(i);
      String said = cut.ipa(i, accent);
      boolean loud = cut.beats() == 1 || unit.stress() == Unit.Stress.MAIN;
      if (unit.sound().isVowel() && loud) {
        String after = all.substring(before.length() + said.length());
        return vowels.stream().anyMatch(v -> Unsuitable.sounds(before + v + after));
      }
      before.append(said);
    }
    return false;
  }
}

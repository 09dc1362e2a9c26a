package dettato.word;

import dettato.sound.Accent;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Words that sound alike in an accent and are spelled otherwise (sea, see). */
public final class Homophones {
  private final Accent accent;
  private final Map<String, Set<String>> bySound = new LinkedHashMap<>();

  /**
   * @param words among which to look; their order is kept
   */
  public Homophones(Collection<Word> words, Accent accent) {
    this.accent = accent;
    for (Word word : words) {
      bySound
          .computeIfAbsent(word.cut().ipa(accent), s -> new LinkedHashSet<>(2))
          .add(word.spelling());
    }
  }

  /** The other words that sound like this one; empty when none does. */
  public List<String> of(Word word) {
    return bySound.getOrDefault(word.cut().ipa(accent), Set.of()).stream()
        .filter(s -> !s.equals(word.spelling()))
        .toList();
  }

  /** Every group of two or more. */
  public List<Set<String>> groups() {
    return bySound.values().stream().filter(g -> g.size() > 1).toList();
  }
}

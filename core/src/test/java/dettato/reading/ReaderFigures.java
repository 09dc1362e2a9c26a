package dettato.reading;

import dettato.sound.Accent;
import dettato.word.Join;
import dettato.word.Word;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** How many words are read as they are said: at the first reading, among the first three. */
final class ReaderFigures {
  private static final int FOLDS = 10;

  private int words;
  private int first;
  private int inThree;

  void add(Reader reader, Collection<Word> read, Accent accent) {
    for (Word word : read) {
      String said = word.cut().ipa(accent);
      List<String> readings =
          reader.readings(word.letters(), 24).stream()
              .map(reading -> reading.cut().ipa(accent))
              .distinct()
              .limit(3)
              .toList();
      words++;
      first += readings.get(0).equals(said) ? 1 : 0;
      inThree += readings.contains(said) ? 1 : 0;
    }
  }

  /** Learns from nine tenths of the families and reads the rest. */
  void heldOut(Collection<Word> all, Accent accent, int fold) {
    Map<String, String> bases = new HashMap<>();
    all.forEach(w -> w.join().map(Join::base).ifPresent(base -> bases.put(w.letters(), base)));
    Map<Boolean, List<Word>> parts =
        all.stream()
            .collect(
                Collectors.partitioningBy(
                    w -> Math.floorMod(31 * family(w.letters(), bases).hashCode(), FOLDS) == fold));
    add(Reader.learntFrom(parts.get(false)), parts.get(true), accent);
  }

  /** The word that a word is made from in the end: care of carelessly. */
  private static String family(String word, Map<String, String> bases) {
    String family = word;
    for (int i = 0; i < 5; i++) {
      family = bases.getOrDefault(family, family);
    }
    return family;
  }

  double first() {
    return (double) first / words;
  }

  double inThree() {
    return (double) inThree / words;
  }

  @Override
  public String toString() {
    return "%,d words, %.1f %% at the first reading, %.1f %% among three"
        .formatted(words, 100 * first(), 100 * inThree());
  }
}

package dettato.find;

import dettato.plan.TeachingSequence;
import dettato.sound.Accent;
import dettato.sound.Sound;
import dettato.sound.Sounds;
import dettato.word.Unit;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How an accent spells each of its sounds, counted over the words that may be proposed, each word
 * once. Sets that sound alike in the accent are one sound.
 */
public final class SoundFigures {
  private static final int EXAMPLES = 8;

  /**
   * One sound.
   *
   * @param phoneme in IPA
   * @param kind vowel kind or consonant, of the first set that sounds so
   * @param graphemes its spellings, the commonest first
   */
  public record SoundFigure(
      String phoneme, Sound.Kind kind, int count, List<GraphemeFigure> graphemes) {}

  /**
   * One spelling of a sound.
   *
   * @param share of all places of the sound, 0 to 1
   * @param start share of its places that are at the start of a word; with middle and end they make
   *     1
   * @param step when the teaching sequence comes to it; empty when it never does
   * @param examples common words
   */
  public record GraphemeFigure(
      String grapheme,
      int count,
      double share,
      double start,
      double middle,
      double end,
      Optional<Integer> step,
      List<String> examples) {}

  private static final class Tally {
    private final Unit unit;
    private final int[] places = new int[Place.values().length];
    private final List<String> examples = new ArrayList<>();

    Tally(Unit unit) {
      this.unit = unit;
    }

    int count() {
      return places[0] + places[1] + places[2];
    }
  }

  private SoundFigures() {}

  /** Counts every sound of an index's accent, in the order of the inventory. */
  public static List<SoundFigure> of(WordIndex index, TeachingSequence sequence) {
    Accent accent = index.accent();
    Map<String, Map<String, Tally>> sounds = new LinkedHashMap<>();
    Sounds.all().forEach(s -> sounds.putIfAbsent(accent.say(s), new LinkedHashMap<>()));
    index.words().forEach(w -> count(w, accent, sounds));
    return sounds.entrySet().stream()
        .filter(e -> !e.getValue().isEmpty())
        .map(e -> figure(e.getKey(), e.getValue(), accent, sequence))
        .toList();
  }

  private static void count(Word word, Accent accent, Map<String, Map<String, Tally>> sounds) {
    for (int i = 0; i < word.cut().size(); i++) {
      Unit unit = word.cut().unit(i);
      Tally tally =
          sounds
              .computeIfAbsent(accent.say(unit.sound()), s -> new LinkedHashMap<>())
              .computeIfAbsent(unit.grapheme().text(), g -> new Tally(unit));
      tally.places[Place.of(i, word.cut().size()).ordinal()]++;
      if (tally.examples.size() < EXAMPLES && !tally.examples.contains(word.spelling())) {
        tally.examples.add(word.spelling());
      }
    }
  }

  private static SoundFigure figure(
      String phoneme, Map<String, Tally> tallies, Accent accent, TeachingSequence sequence) {
    int total = tallies.values().stream().mapToInt(Tally::count).sum();
    List<GraphemeFigure> graphemes =
        tallies.entrySet().stream()
            .sorted(Comparator.comparingInt(e -> -e.getValue().count()))
            .map(e -> figure(e.getKey(), e.getValue(), total, accent, sequence))
            .toList();
    return new SoundFigure(phoneme, kind(phoneme, accent, tallies), total, graphemes);
  }

  /** The kind of the first set of the inventory that sounds so; a run's own kind. */
  private static Sound.Kind kind(String phoneme, Accent accent, Map<String, Tally> tallies) {
    return Sounds.all().stream()
        .filter(s -> accent.say(s).equals(phoneme))
        .map(Sound::kind)
        .findFirst()
        .orElseGet(() -> tallies.values().iterator().next().unit.sound().kind());
  }

  private static GraphemeFigure figure(
      String grapheme, Tally tally, int total, Accent accent, TeachingSequence sequence) {
    double count = tally.count();
    return new GraphemeFigure(
        grapheme,
        tally.count(),
        count / total,
        tally.places[Place.START.ordinal()] / count,
        tally.places[Place.MIDDLE.ordinal()] / count,
        tally.places[Place.END.ordinal()] / count,
        sequence.taughtAt(tally.unit, accent),
        List.copyOf(tally.examples));
  }
}

package dettato.find;

import dettato.plan.TeachingSequence;
import dettato.sound.Accent;
import dettato.sound.Sound;
import dettato.sound.Sounds;
import dettato.word.Capitals;
import dettato.word.SyllabicL;
import dettato.word.Unit;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How an accent spells each of its sounds, over the words that may be proposed: bases once, without
 * their endings, and each word the heavier the commoner it is, since a spelling is met as often as
 * its words are. Sets that sound alike in the accent are one sound.
 */
public final class SoundFigures {
  private static final int EXAMPLES = 8;
  private static final int BANDS = 5;

  /** A base comes back in so many forms. */
  private static final double FORMS = 50;

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
   * @param count of words that have it, endings and all
   * @param share of all places of the sound, weighed, 0 to 1
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
    private double weight;
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
      Place place = Place.of(i, word.cut().size());
      count(word, place, tally(sounds, accent.say(unit.sound()), unit.grapheme().text(), unit));
    }
    SyllabicL.of(word, accent)
        .ifPresent(
            end -> {
              Unit vowel = word.cut().unit(end.unit());
              count(word, Place.END, tally(sounds, end.ipa(), end.grapheme(), vowel));
            });
  }

  private static Tally tally(
      Map<String, Map<String, Tally>> sounds, String ipa, String grapheme, Unit unit) {
    return sounds
        .computeIfAbsent(ipa, s -> new LinkedHashMap<>())
        .computeIfAbsent(grapheme, g -> new Tally(unit));
  }

  private static void count(Word word, Place place, Tally tally) {
    tally.places[place.ordinal()]++;
    tally.weight += weight(word);
    String written = Capitals.written(word.spelling());
    if (tally.examples.size() < EXAMPLES && !tally.examples.contains(written)) {
      tally.examples.add(written);
    }
  }

  /** Twice as much for every band that it is commoner; a form with an ending counts a little. */
  private static double weight(Word word) {
    double own = Math.pow(2, BANDS - word.commonness());
    return word.join().isPresent() ? own / FORMS : own;
  }

  private static SoundFigure figure(
      String phoneme, Map<String, Tally> tallies, Accent accent, TeachingSequence sequence) {
    int total = tallies.values().stream().mapToInt(Tally::count).sum();
    double weight = tallies.values().stream().mapToDouble(t -> t.weight).sum();
    List<GraphemeFigure> graphemes =
        tallies.entrySet().stream()
            .sorted(Comparator.comparingDouble(e -> -e.getValue().weight))
            .map(e -> figure(e.getKey(), e.getValue(), weight, accent, sequence))
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
      String grapheme, Tally tally, double total, Accent accent, TeachingSequence sequence) {
    double count = tally.count();
    return new GraphemeFigure(
        grapheme,
        tally.count(),
        tally.weight / total,
        tally.places[Place.START.ordinal()] / count,
        tally.places[Place.MIDDLE.ordinal()] / count,
        tally.places[Place.END.ordinal()] / count,
        sequence.taughtAt(tally.unit, accent),
        List.copyOf(tally.examples));
  }
}

package dettato.diagnose;

import dettato.mark.Mark;
import dettato.mark.UnitMark;
import dettato.mark.Verdict;
import dettato.word.Word;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What one child wrote for each sound: places as they are due, counted; the others one by one. */
public record SoundRecord(List<Exact> exact, List<Off> off) {

  /**
   * Places written as they are due.
   *
   * @param weight the count, each place weighted by its age
   */
  public record Exact(SoundPlace place, int count, double weight) {}

  /**
   * A place written otherwise.
   *
   * @param target the word dictated
   * @param at which unit of it
   * @param attempt what was written for it
   */
  public record Off(
      LocalDate date, String target, int at, String attempt, SoundPlace place, UnitMark unit) {

    /** Only what concerns the sound itself: a damaged grapheme is no confusion of sounds. */
    Optional<String> confusion() {
      return unit.verdict() == Verdict.NEAR || unit.verdict() == Verdict.MISSING
          ? unit.confusion()
          : Optional.empty();
    }
  }

  public SoundRecord {
    exact = List.copyOf(exact);
    off = List.copyOf(off);
  }

  /**
   * Whether a mark tells of sounds: one that no explanation fits does not, nor an invented word,
   * where each spelling is as good as another.
   */
  public static boolean tells(Mark mark) {
    return !mark.noMatch() && mark.target().use() != Word.Use.INVENTED;
  }

  /**
   * A word that was asked, counted.
   *
   * @param places those of the word, as {@link SoundPlace#of(dettato.word.Word)} has them
   * @param weight the count, each weighted by its age
   */
  public record Asked(String target, List<SoundPlace> places, int count, double weight) {}

  /**
   * The record of words asked and the places that were written otherwise: whatever is not among
   * these was written as it is due.
   */
  public static SoundRecord of(
      Collection<Asked> asked, List<Off> off, Settings settings, LocalDate asOf) {
    Map<SoundPlace, Count> counts = new LinkedHashMap<>();
    Map<String, List<SoundPlace>> places = new HashMap<>();
    for (Asked one : asked) {
      places.put(one.target, one.places);
      one.places.forEach(
          p -> counts.computeIfAbsent(p, n -> new Count()).add(one.count, one.weight));
    }
    for (Off one : off) {
      List<SoundPlace> of = places.getOrDefault(one.target, List.of());
      if (one.at < of.size()) {
        counts
            .computeIfAbsent(of.get(one.at), n -> new Count())
            .add(-1, -settings.weight(one.date, asOf));
      }
    }
    return new SoundRecord(
        counts.entrySet().stream()
            .filter(e -> e.getValue().count > 0)
            .map(e -> new Exact(e.getKey(), e.getValue().count, Math.max(0, e.getValue().weight)))
            .toList(),
        off);
  }

  private static final class Count {
    private int count;
    private double weight;

    void add(int more, double heavier) {
      count += more;
      weight += heavier;
    }
  }

  static SoundRecord of(List<Leanings.Sample> samples, Belief belief) {
    List<Exact> exact = new ArrayList<>();
    List<Off> off = new ArrayList<>();
    for (Leanings.Sample sample : samples) {
      Mark mark = sample.mark();
      for (int i = 0; i < mark.units().size(); i++) {
        UnitMark unit = mark.units().get(i);
        SoundPlace place = SoundPlace.of(mark, i);
        if (unit.verdict() == Verdict.EXACT) {
          exact.add(new Exact(place, 1, belief.weight(List.of(sample.date()))));
        } else {
          off.add(new Off(sample.date(), mark.target().spelling(), i, mark.attempt(), place, unit));
        }
      }
    }
    return new SoundRecord(exact, off);
  }
}

package dettato.diagnose;

import dettato.diagnose.SoundRecord.Exact;
import dettato.diagnose.SoundRecord.Off;
import dettato.mark.Mark;
import dettato.mark.Verdict;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * Finds, for one child, which grapheme stands for each sound where another is due ("a_e for FACE, 7
 * of 9"), and which sounds are taken for others or lost ("th-fronting, 4 of 5"). The same model as
 * {@link Diagnosis}. What a rule decides is left to the rule.
 */
public final class Leanings {
  private final Belief belief;

  /** One marked attempt. */
  public record Sample(LocalDate date, Mark mark) {}

  /** All of one sound. */
  private record OfSound(String sound, List<Exact> exact, List<Off> off) {}

  /**
   * @param asOf the day they are found; later attempts are left out
   */
  public Leanings(Settings settings, LocalDate asOf) {
    this.belief = new Belief(settings, asOf);
  }

  /** The same as {@link #of(SoundRecord)}, of marked attempts. */
  public List<Leaning> of(Collection<Sample> samples) {
    return of(
        SoundRecord.of(
            samples.stream()
                .filter(s -> !s.date.isAfter(belief.asOf()) && SoundRecord.tells(s.mark))
                .toList(),
            belief));
  }

  /** Patterns first, then what failed oftenest. */
  public List<Leaning> of(SoundRecord record) {
    Map<String, List<Exact>> exact =
        record.exact().stream().collect(Collectors.groupingBy(e -> e.place().sound()));
    Map<String, List<Off>> off =
        record.off().stream()
            .collect(
                Collectors.groupingBy(o -> o.place().sound(), TreeMap::new, Collectors.toList()));
    List<Leaning> found = new ArrayList<>();
    off.forEach(
        (sound, places) -> {
          OfSound all = new OfSound(sound, exact.getOrDefault(sound, List.of()), places);
          found.addAll(graphemes(all));
          found.addAll(confusions(all));
        });
    found.sort(
        Comparator.comparing(Leaning::isPattern)
            .reversed()
            .thenComparing(Leaning::failures, Comparator.reverseOrder())
            .thenComparing(Leaning::sound));
    return found;
  }

  private List<Leaning> graphemes(OfSound all) {
    return all.off.stream()
        .filter(o -> o.unit().verdict() == Verdict.ALTERNATIVE && !o.unit().written().isEmpty())
        .filter(o -> o.place().isOpenTo(o.unit().written()))
        .map(o -> o.unit().written())
        .distinct()
        .map(written -> grapheme(all, written))
        .toList();
  }

  /** Only where the grapheme could stand, and where the sound is spelled at all. */
  private Leaning grapheme(OfSound all, String written) {
    OfSound open =
        new OfSound(
            all.sound,
            all.exact.stream().filter(e -> e.place().isOpenTo(written)).toList(),
            all.off.stream()
                .filter(o -> o.place().isOpenTo(written) && o.unit().verdict().represents())
                .toList());
    return leaning(Leaning.Kind.GRAPHEME, written, open, o -> o.unit().written().equals(written));
  }

  private List<Leaning> confusions(OfSound all) {
    return all.off.stream()
        .map(Off::confusion)
        .flatMap(Optional::stream)
        .distinct()
        .map(
            name ->
                leaning(
                    Leaning.Kind.CONFUSION,
                    name,
                    all,
                    o -> o.confusion().filter(name::equals).isPresent()))
        .toList();
  }

  private Leaning leaning(Leaning.Kind kind, String written, OfSound all, Predicate<Off> fails) {
    List<Off> failed = all.off.stream().filter(fails).toList();
    List<Off> other = all.off.stream().filter(fails.negate()).toList();
    int opportunities = all.exact.stream().mapToInt(Exact::count).sum() + all.off.size();
    double kept = all.exact.stream().mapToDouble(Exact::weight).sum() + weight(other);
    double probability = belief.belowSecure(kept, weight(failed));
    long words = failed.stream().map(Off::target).distinct().count();
    boolean pattern = belief.isPattern(words, probability);
    return new Leaning(
        kind,
        all.sound,
        written,
        opportunities,
        failed.size(),
        probability,
        pattern,
        failed.stream()
            .sorted(Comparator.comparing(Off::date).reversed())
            .map(o -> new Leaning.Example(o.date(), o.target(), o.attempt()))
            .toList(),
        belief.wouldChange(pattern, opportunities, failed.size()));
  }

  private double weight(List<Off> places) {
    return belief.weight(places.stream().map(Off::date).toList());
  }
}

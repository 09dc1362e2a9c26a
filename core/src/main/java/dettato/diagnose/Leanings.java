package dettato.diagnose;

import dettato.mark.Mark;
import dettato.mark.RuleMark;
import dettato.mark.UnitMark;
import dettato.mark.Verdict;
import dettato.rule.Outcome;
import dettato.rule.RuleBook;
import dettato.word.Word;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * Finds, for one child, which grapheme stands for each sound where another is due ("a_e for FACE, 7
 * of 9"), and which sounds are taken for others or lost ("th-fronting, 4 of 5"). The same model as
 * {@link Diagnosis}. What a rule decides is left to the rule; attempts that no explanation fits are
 * left out, and invented words, where each spelling is as good as another.
 */
public final class Leanings {
  private final Belief belief;

  /** One marked attempt. */
  public record Sample(LocalDate date, Mark mark) {}

  /**
   * A sound of an attempt.
   *
   * @param rules those that decide there
   */
  private record Place(Sample sample, String due, UnitMark unit, List<RuleMark> rules) {
    /** Whether the grapheme could stand here for all that the rules say; else they tell of it. */
    boolean isOpenTo(String written) {
      return !due.equals(written)
          && rules.stream()
              .allMatch(
                  r ->
                      r.at().due().contains(written)
                          || RuleBook.of(r.rule()).isWeak() && r.outcome() == Outcome.APPLIED);
    }

    Leaning.Example example() {
      return new Leaning.Example(
          sample.date, sample.mark.target().spelling(), sample.mark.attempt());
    }
  }

  /**
   * @param asOf the day they are found; later attempts are left out
   */
  public Leanings(Settings settings, LocalDate asOf) {
    this.belief = new Belief(settings, asOf);
  }

  /** Patterns first, then what failed oftenest. */
  public List<Leaning> of(Collection<Sample> samples) {
    Map<String, List<Place>> bySound = new LinkedHashMap<>();
    samples.stream()
        .filter(s -> !s.date.isAfter(belief.asOf()) && !s.mark.noMatch())
        .filter(s -> s.mark.target().use() != Word.Use.INVENTED)
        .forEach(s -> places(s, bySound));
    List<Leaning> found = new ArrayList<>();
    bySound.forEach(
        (sound, places) -> {
          found.addAll(graphemes(sound, places));
          found.addAll(confusions(sound, places));
        });
    found.sort(
        Comparator.comparing(Leaning::isPattern)
            .reversed()
            .thenComparing(Leaning::failures, Comparator.reverseOrder())
            .thenComparing(Leaning::sound));
    return found;
  }

  private static void places(Sample sample, Map<String, List<Place>> bySound) {
    Mark mark = sample.mark;
    for (int i = 0; i < mark.units().size(); i++) {
      String sound = mark.target().cut().unit(i).sound().id();
      String due = mark.target().cut().unit(i).grapheme().text();
      bySound
          .computeIfAbsent(sound, s -> new ArrayList<>())
          .add(new Place(sample, due, mark.units().get(i), rulesAt(mark, i)));
    }
  }

  private static List<RuleMark> rulesAt(Mark mark, int unit) {
    return mark.rules().stream().filter(r -> r.at().unit() == unit).toList();
  }

  private List<Leaning> graphemes(String sound, List<Place> places) {
    return places.stream()
        .filter(p -> p.unit.verdict() == Verdict.ALTERNATIVE && !p.unit.written().isEmpty())
        .filter(p -> p.isOpenTo(p.unit.written()))
        .map(p -> p.unit.written())
        .distinct()
        .map(
            written ->
                leaning(
                    Leaning.Kind.GRAPHEME,
                    sound,
                    written,
                    places.stream()
                        .filter(p -> p.isOpenTo(written) && p.unit.verdict().represents())
                        .toList(),
                    p -> p.unit.written().equals(written)))
        .toList();
  }

  private List<Leaning> confusions(String sound, List<Place> places) {
    return places.stream()
        .map(p -> confusion(p.unit))
        .flatMap(Optional::stream)
        .distinct()
        .map(
            name ->
                leaning(
                    Leaning.Kind.CONFUSION,
                    sound,
                    name,
                    places,
                    p -> confusion(p.unit).filter(name::equals).isPresent()))
        .toList();
  }

  /** Only what concerns the sound itself: a damaged grapheme is no confusion of sounds. */
  private static Optional<String> confusion(UnitMark unit) {
    return unit.verdict() == Verdict.NEAR || unit.verdict() == Verdict.MISSING
        ? unit.confusion()
        : Optional.empty();
  }

  private Leaning leaning(
      Leaning.Kind kind, String sound, String written, List<Place> places, Predicate<Place> fails) {
    List<Place> failed = places.stream().filter(fails).toList();
    double probability =
        belief.belowSecure(
            places.stream().map(p -> new Belief.Trial(p.sample.date, fails.test(p))).toList());
    long words = failed.stream().map(p -> p.sample.mark.target().spelling()).distinct().count();
    boolean pattern = belief.isPattern(words, probability);
    return new Leaning(
        kind,
        sound,
        written,
        places.size(),
        failed.size(),
        probability,
        pattern,
        failed.stream()
            .sorted(Comparator.comparing((Place p) -> p.sample.date).reversed())
            .map(Place::example)
            .toList(),
        belief.wouldChange(pattern, places.size(), failed.size()));
  }
}

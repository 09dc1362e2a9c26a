package dettato.diagnose;

import dettato.rule.Outcome;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Tells a slip from a pattern, for one child. A pattern needs failures on different words and a
 * high probability that the child's true rate of success is below what counts as secure.
 */
public final class Diagnosis {
  private static final int ENOUGH = 3;

  /** More likely than not. */
  private static final double LEANING = 0.5;

  private final Settings settings;
  private final LocalDate asOf;
  private final Belief belief;

  /**
   * @param asOf the day it is made; later evidence is left out
   */
  public Diagnosis(Settings settings, LocalDate asOf) {
    this.settings = settings;
    this.asOf = asOf;
    this.belief = new Belief(settings, asOf);
  }

  /**
   * Where the child stands with every rule there is evidence on, patterns first, strongest first.
   */
  public List<Standing> standings(Collection<Evidence> evidence) {
    Map<String, List<Evidence>> byRule =
        evidence.stream()
            .filter(e -> !e.date().isAfter(asOf))
            .collect(Collectors.groupingBy(Evidence::rule, TreeMap::new, Collectors.toList()));
    List<Standing> each =
        byRule.values().stream()
            .map(all -> all.stream().filter(e -> e.outcome() != Outcome.UNTESTED).toList())
            .filter(tested -> !tested.isEmpty())
            .map(this::standing)
            .toList();
    return each.stream()
        .map(s -> SharedFailures.settle(s, each, byRule))
        .sorted(
            Comparator.comparing(Standing::state)
                .thenComparing(Standing::probability, Comparator.reverseOrder())
                .thenComparing(Standing::rule))
        .toList();
  }

  private Standing standing(List<Evidence> evidence) {
    Optional<Standing> under = ofKind(evidence, Outcome.UNDER, Standing.Kind.UNDER);
    Optional<Standing> over = ofKind(evidence, Outcome.OVER, Standing.Kind.OVER);
    boolean both =
        under.filter(u -> leans(u, Outcome.UNDER)).isPresent()
            && over.filter(o -> leans(o, Outcome.OVER)).isPresent();
    if (both) {
      Standing mixed = mixed(evidence, under.orElseThrow(), over.orElseThrow());
      if (mixed.probability() > settings.sure()) {
        return mixed;
      }
    }
    return Stream.concat(under.stream(), over.stream())
        .min(
            Comparator.comparing(Standing::state)
                .thenComparing(Standing::probability, Comparator.reverseOrder()))
        .orElseThrow();
  }

  private Optional<Standing> ofKind(List<Evidence> all, Outcome failure, Standing.Kind kind) {
    List<Evidence> tested =
        all.stream()
            .filter(e -> e.tests(failure))
            .sorted(Comparator.comparing(Evidence::date).reversed())
            .toList();
    if (tested.isEmpty()) {
      return Optional.empty();
    }
    int failures = (int) tested.stream().filter(e -> e.fails(failure)).count();
    double probability = belief.belowSecure(trials(tested, failure).toList());
    boolean pattern = belief.isPattern(differentWords(tested, failure), probability);
    Standing.State state =
        pattern
            ? Standing.State.PATTERN
            : failures > 0
                ? Standing.State.SLIP
                : tested.size() < ENOUGH ? Standing.State.NOT_ENOUGH : Standing.State.SECURE;
    return Optional.of(
        new Standing(
            tested.get(0).rule(),
            state,
            kind,
            probability,
            tested.size(),
            failures,
            tested,
            wouldChange(state, tested.size(), failures)));
  }

  /** Whether failures on one side are more likely a habit than not: half of what guessing needs. */
  private boolean leans(Standing side, Outcome failure) {
    return differentWords(side.evidence(), failure) >= settings.differentWords()
        && side.probability() > LEANING;
  }

  private static long differentWords(List<Evidence> evidence, Outcome failure) {
    return evidence.stream().filter(e -> e.fails(failure)).map(Evidence::target).distinct().count();
  }

  private static Stream<Belief.Trial> trials(List<Evidence> evidence, Outcome failure) {
    return evidence.stream().map(e -> new Belief.Trial(e.date(), e.fails(failure)));
  }

  /**
   * A child who fails on both sides is guessing: one side may prove it, or both together, where
   * neither alone would.
   */
  private Standing mixed(List<Evidence> all, Standing under, Standing over) {
    double together =
        belief.belowSecure(
            Stream.concat(
                    trials(under.evidence(), Outcome.UNDER), trials(over.evidence(), Outcome.OVER))
                .toList());
    int opportunities = under.opportunities() + over.opportunities();
    int failures = under.failures() + over.failures();
    return new Standing(
        under.rule(),
        Standing.State.PATTERN,
        Standing.Kind.MIXED,
        Math.max(together, Math.max(under.probability(), over.probability())),
        opportunities,
        failures,
        all.stream().sorted(Comparator.comparing(Evidence::date).reversed()).toList(),
        wouldChange(Standing.State.PATTERN, opportunities, failures));
  }

  private String wouldChange(Standing.State state, int tested, int failed) {
    return switch (state) {
      case PATTERN, SLIP -> belief.wouldChange(state == Standing.State.PATTERN, tested, failed);
      case SECURE -> "failures on " + settings.differentWords() + " different words";
      case NOT_ENOUGH -> "at least " + (ENOUGH - tested) + " more words that test it";
    };
  }
}

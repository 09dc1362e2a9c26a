package dettato.diagnose;

import dettato.rule.Outcome;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.numbers.gamma.RegularizedBeta;

/**
 * Tells a slip from a pattern, for one child. A pattern needs failures on different words and a
 * high probability that the child's true rate of success is below what counts as secure.
 *
 * <p>Source: the Beta-binomial model (Gelman et al., Bayesian Data Analysis, 3rd ed., 2.4), each
 * opportunity weighted by its age.
 */
public final class Diagnosis {
  private static final int ENOUGH = 3;

  private final Settings settings;
  private final LocalDate asOf;

  /**
   * @param asOf the day it is made; later evidence is left out
   */
  public Diagnosis(Settings settings, LocalDate asOf) {
    this.settings = settings;
    this.asOf = asOf;
  }

  /**
   * Where the child stands with every rule there is evidence on, patterns first, strongest first.
   */
  public List<Standing> standings(Collection<Evidence> evidence) {
    Map<String, List<Evidence>> byRule =
        evidence.stream()
            .filter(e -> !e.date().isAfter(asOf) && e.outcome() != Outcome.UNTESTED)
            .collect(Collectors.groupingBy(Evidence::rule, TreeMap::new, Collectors.toList()));
    return byRule.values().stream()
        .map(this::standing)
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
        under.filter(Standing::isPattern).isPresent()
            && over.filter(Standing::isPattern).isPresent();
    if (both) {
      return mixed(evidence, under.orElseThrow(), over.orElseThrow());
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
    List<Evidence> failures = tested.stream().filter(e -> e.fails(failure)).toList();
    double probability = belowSecure(tested, failure);
    long words = failures.stream().map(Evidence::target).distinct().count();
    boolean pattern = words >= settings.differentWords() && probability > settings.sure();
    Standing.State state =
        pattern
            ? Standing.State.PATTERN
            : !failures.isEmpty()
                ? Standing.State.SLIP
                : tested.size() < ENOUGH ? Standing.State.NOT_ENOUGH : Standing.State.SECURE;
    return Optional.of(
        new Standing(
            tested.get(0).rule(),
            state,
            kind,
            probability,
            tested.size(),
            failures.size(),
            tested,
            wouldChange(state, tested.size(), failures.size())));
  }

  private static Standing mixed(List<Evidence> all, Standing under, Standing over) {
    return new Standing(
        under.rule(),
        Standing.State.PATTERN,
        Standing.Kind.MIXED,
        Math.max(under.probability(), over.probability()),
        under.opportunities() + over.opportunities(),
        under.failures() + over.failures(),
        all.stream().sorted(Comparator.comparing(Evidence::date).reversed()).toList(),
        under.wouldChange());
  }

  private double belowSecure(List<Evidence> tested, Outcome failure) {
    double successes = settings.priorSuccesses();
    double failures = settings.priorFailures();
    for (Evidence e : tested) {
      double age = Math.max(0, ChronoUnit.DAYS.between(e.date(), asOf));
      double weight = Math.pow(0.5, age / settings.halfLifeDays());
      successes += e.fails(failure) ? 0 : weight;
      failures += e.fails(failure) ? weight : 0;
    }
    return RegularizedBeta.value(settings.secure(), successes, failures);
  }

  private String wouldChange(Standing.State state, int tested, int failed) {
    return switch (state) {
      case PATTERN -> successesToClear(tested, failed) + " right in a row would clear it";
      case SLIP -> "another word that fails the same way could make it a pattern";
      case SECURE -> "failures on " + settings.differentWords() + " different words";
      case NOT_ENOUGH -> "at least " + (ENOUGH - tested) + " more words that test it";
    };
  }

  /** How many further successes, all counted in full, bring the probability under the limit. */
  private int successesToClear(int tested, int failed) {
    int more = 0;
    double failures = settings.priorFailures() + failed;
    double successes = settings.priorSuccesses() + tested - failed;
    while (more < 99
        && RegularizedBeta.value(settings.secure(), successes + more, failures) > settings.sure()) {
      more++;
    }
    return Math.max(1, more);
  }
}

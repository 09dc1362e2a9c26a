package dettato.diagnose;

import dettato.rule.Outcome;
import dettato.rule.Side;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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

  /** The same as {@link #standings(Collection, Collection)}, of evidence told one by one. */
  public List<Standing> standings(Collection<Evidence> evidence) {
    List<Kept> kept =
        evidence.stream()
            .filter(e -> e.outcome() == Outcome.APPLIED && !e.date().isAfter(asOf))
            .map(e -> new Kept(e.rule(), e.side(), 1, settings.weight(e.date(), asOf)))
            .toList();
    return standings(kept, evidence.stream().filter(e -> e.outcome() != Outcome.APPLIED).toList());
  }

  /**
   * Where the child stands with every rule there is evidence on, patterns first, strongest first.
   *
   * @param kept what was kept up to the day of the diagnosis, counted
   * @param other what failed, and what said nothing, one by one
   */
  public List<Standing> standings(Collection<Kept> kept, Collection<Evidence> other) {
    Map<String, RuleRecord> byRule = RuleRecord.byRule(kept, other, asOf);
    List<Standing> each =
        byRule.values().stream().filter(RuleRecord::isTested).map(this::standing).toList();
    return each.stream()
        .map(s -> SharedFailures.settle(s, each, byRule))
        .sorted(
            Comparator.comparing(Standing::state)
                .thenComparing(Standing::probability, Comparator.reverseOrder())
                .thenComparing(Standing::rule))
        .toList();
  }

  private Standing standing(RuleRecord record) {
    Optional<Standing> under = ofKind(record, Outcome.UNDER, Standing.Kind.UNDER);
    Optional<Standing> over = ofKind(record, Outcome.OVER, Standing.Kind.OVER);
    if (under.filter(this::leans).isPresent() && over.filter(this::leans).isPresent()) {
      Standing mixed = mixed(record, under.orElseThrow(), over.orElseThrow());
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

  private Optional<Standing> ofKind(RuleRecord record, Outcome failure, Standing.Kind kind) {
    Side side = sideOf(failure);
    List<Evidence> failed = record.failed(failure);
    int tested = record.kept(side) + failed.size();
    if (tested == 0) {
      return Optional.empty();
    }
    double probability = belief.belowSecure(record.weightKept(side), weight(failed));
    boolean pattern = belief.isPattern(differentWords(failed), probability);
    Standing.State state =
        pattern
            ? Standing.State.PATTERN
            : !failed.isEmpty()
                ? Standing.State.SLIP
                : tested < ENOUGH ? Standing.State.NOT_ENOUGH : Standing.State.SECURE;
    return Optional.of(
        new Standing(
            record.rule(),
            state,
            kind,
            probability,
            tested,
            failed.size(),
            failed,
            wouldChange(state, tested, failed.size())));
  }

  /** A special spelling is left out where it is due, and put where it is not. */
  private static Side sideOf(Outcome failure) {
    return failure == Outcome.UNDER ? Side.DUE : Side.NOT_DUE;
  }

  /** Whether failures on one side are more likely a habit than not: half of what guessing needs. */
  private boolean leans(Standing side) {
    return differentWords(side.failed()) >= settings.differentWords()
        && side.probability() > LEANING;
  }

  private static long differentWords(List<Evidence> failed) {
    return failed.stream().map(Evidence::target).distinct().count();
  }

  private double weight(List<Evidence> failed) {
    return belief.weight(failed.stream().map(Evidence::date).toList());
  }

  /**
   * A child who fails on both sides is guessing: one side may prove it, or both together, where
   * neither alone would.
   */
  private Standing mixed(RuleRecord record, Standing under, Standing over) {
    double together =
        belief.belowSecure(
            record.weightKept(Side.DUE) + record.weightKept(Side.NOT_DUE), weight(record.failed()));
    int opportunities = under.opportunities() + over.opportunities();
    int failures = under.failures() + over.failures();
    return new Standing(
        under.rule(),
        Standing.State.PATTERN,
        Standing.Kind.MIXED,
        Math.max(together, Math.max(under.probability(), over.probability())),
        opportunities,
        failures,
        record.failed(),
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

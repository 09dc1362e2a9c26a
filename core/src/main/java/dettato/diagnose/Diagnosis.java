package dettato.diagnose;

import dettato.rule.Outcome;
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
            .map(
                e ->
                    new Kept(e.rule(), e.condition(), e.side(), 1, settings.weight(e.date(), asOf)))
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
    List<Ground> under = Ground.of(record, Outcome.UNDER);
    List<Ground> over = Ground.of(record, Outcome.OVER);
    if (leans(under) && leans(over)) {
      Standing mixed = mixed(record.rule(), under, over);
      if (mixed.probability() > settings.sure()) {
        return mixed;
      }
    }
    return Stream.of(
            ofKind(record.rule(), under, Standing.Kind.UNDER),
            ofKind(record.rule(), over, Standing.Kind.OVER))
        .flatMap(Optional::stream)
        .min(
            Comparator.comparing(Standing::state)
                .thenComparing(Standing::probability, Comparator.reverseOrder()))
        .orElseThrow();
  }

  private Optional<Standing> ofKind(String rule, List<Ground> tested, Standing.Kind kind) {
    if (tested.isEmpty()) {
      return Optional.empty();
    }
    Broken broken = Broken.of(tested, belief);
    if (broken.isPattern()) {
      return Optional.of(pattern(rule, kind, tested, broken.conditions(), broken.probability()));
    }
    List<Evidence> failed = Ground.failed(tested);
    int places = tested.stream().mapToInt(Ground::tested).sum();
    Standing.State state =
        !failed.isEmpty()
            ? Standing.State.SLIP
            : places < ENOUGH ? Standing.State.NOT_ENOUGH : Standing.State.SECURE;
    return Optional.of(
        new Standing(
            rule,
            state,
            kind,
            broken.probability(),
            places,
            failed.size(),
            List.of(),
            tested.stream().map(Ground::tally).toList(),
            failed,
            wouldChange(state, places, failed.size())));
  }

  /** Whether failures of a kind are more likely a habit than not: half of what guessing needs. */
  private boolean leans(List<Ground> tested) {
    return belief.isPattern(tested, LEANING)
        || !tested.isEmpty() && Broken.of(tested, belief).isPattern();
  }

  /**
   * A child who fails on both sides is guessing: one side may prove it, or both together, where
   * neither alone would.
   */
  private Standing mixed(String rule, List<Ground> under, List<Ground> over) {
    List<Ground> tested = Stream.concat(under.stream(), over.stream()).toList();
    Broken left = Broken.of(under, belief);
    Broken put = Broken.of(over, belief);
    double together = belief.belowSecure(tested);
    List<Ground> broken = Stream.of(left, put).flatMap(b -> b.conditions().stream()).toList();
    boolean bothShow = left.isPattern() && put.isPattern();
    List<Ground> failed = tested.stream().filter(g -> !g.failed().isEmpty()).toList();
    return pattern(
        rule,
        Standing.Kind.MIXED,
        tested,
        bothShow ? broken : failed,
        Math.max(together, Math.max(left.probability(), put.probability())));
  }

  private Standing pattern(
      String rule,
      Standing.Kind kind,
      List<Ground> tested,
      List<Ground> broken,
      double probability) {
    List<Evidence> failed = Ground.failed(broken);
    int places = broken.stream().mapToInt(Ground::tested).sum();
    return new Standing(
        rule,
        Standing.State.PATTERN,
        kind,
        probability,
        places,
        failed.size(),
        broken.stream().map(Ground::tally).toList(),
        tested.stream().filter(g -> !broken.contains(g)).map(Ground::tally).toList(),
        failed,
        wouldChange(Standing.State.PATTERN, places, failed.size()));
  }

  private String wouldChange(Standing.State state, int tested, int failed) {
    return switch (state) {
      case PATTERN, SLIP -> belief.wouldChange(state == Standing.State.PATTERN, tested, failed);
      case SECURE -> "failures on " + settings.differentWords() + " different words";
      case NOT_ENOUGH -> "at least " + (ENOUGH - tested) + " more words that test it";
    };
  }
}

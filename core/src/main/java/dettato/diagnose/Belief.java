package dettato.diagnose;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.apache.commons.numbers.gamma.RegularizedBeta;

/**
 * How probable it is that a child's true rate of success is below what counts as secure.
 *
 * <p>Source: the Beta-binomial model (Gelman et al., Bayesian Data Analysis, 3rd ed., 2.4), each
 * trial weighted by its age.
 */
record Belief(Settings settings, LocalDate asOf) {

  /**
   * @param kept weight of the successes, in opportunities
   * @param failed weight of the failures
   */
  double belowSecure(double kept, double failed) {
    return RegularizedBeta.value(
        settings.secure(), settings.priorSuccesses() + kept, settings.priorFailures() + failed);
  }

  /** The same of conditions taken together. */
  double belowSecure(Collection<Ground> grounds) {
    return belowSecure(
        grounds.stream().mapToDouble(Ground::weightKept).sum(),
        weight(days(Ground.failed(grounds))));
  }

  private static List<LocalDate> days(List<Evidence> evidence) {
    return evidence.stream().map(Evidence::date).toList();
  }

  /**
   * Whether the failures of conditions, taken together, are a pattern.
   *
   * @param sure how probable it must be that the true rate is below secure
   */
  boolean isPattern(Collection<Ground> grounds, double sure) {
    long words = Ground.failed(grounds).stream().map(Evidence::target).distinct().count();
    return words >= settings.differentWords() && belowSecure(grounds) > sure;
  }

  /** What trials of these days weigh together. */
  double weight(Collection<LocalDate> days) {
    return days.stream().mapToDouble(day -> settings.weight(day, asOf)).sum();
  }

  /** Whether failures on so many different words, with this probability, are a pattern. */
  boolean isPattern(long differentWords, double probability) {
    return differentWords >= settings.differentWords() && probability > settings.sure();
  }

  /** What would make a pattern none, or failures a pattern. */
  String wouldChange(boolean pattern, int tested, int failed) {
    return pattern
        ? successesToClear(tested, failed) + " right in a row would clear it"
        : "another word that fails the same way could make it a pattern";
  }

  /** How many further successes, all counted in full, bring the probability under the limit. */
  private int successesToClear(int tested, int failed) {
    int more = 0;
    while (more < 99 && belowSecure(tested - failed + more, failed) > settings.sure()) {
      more++;
    }
    return Math.max(1, more);
  }
}

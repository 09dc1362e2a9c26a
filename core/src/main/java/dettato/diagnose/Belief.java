package dettato.diagnose;

import java.time.LocalDate;
import java.util.Collection;
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

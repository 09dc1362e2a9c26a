package dettato.diagnose;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import org.apache.commons.numbers.gamma.RegularizedBeta;

/**
 * How probable it is that a child's true rate of success is below what counts as secure.
 *
 * <p>Source: the Beta-binomial model (Gelman et al., Bayesian Data Analysis, 3rd ed., 2.4), each
 * trial weighted by its age.
 */
record Belief(Settings settings, LocalDate asOf) {
  /** One place that could fail. */
  record Trial(LocalDate date, boolean failed) {}

  double belowSecure(Collection<Trial> trials) {
    double successes = settings.priorSuccesses();
    double failures = settings.priorFailures();
    for (Trial trial : trials) {
      double age = Math.max(0, ChronoUnit.DAYS.between(trial.date(), asOf));
      double weight = Math.pow(0.5, age / settings.halfLifeDays());
      successes += trial.failed() ? 0 : weight;
      failures += trial.failed() ? weight : 0;
    }
    return RegularizedBeta.value(settings.secure(), successes, failures);
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
    double failures = settings.priorFailures() + failed;
    double successes = settings.priorSuccesses() + tested - failed;
    while (more < 99
        && RegularizedBeta.value(settings.secure(), successes + more, failures) > settings.sure()) {
      more++;
    }
    return Math.max(1, more);
  }
}

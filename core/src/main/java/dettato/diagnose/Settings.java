package dettato.diagnose;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/**
 * When a run of failures is called a pattern.
 *
 * @param differentWords on how many different words it must show, at least
 * @param secure the rate of success that counts as secure, in (0, 1)
 * @param sure how probable it must be that the child's true rate is below that, in (0, 1)
 * @param halfLifeDays after how many days evidence weighs half
 * @param priorSuccesses weight of the expectation that a rule is kept, in opportunities
 * @param priorFailures weight of the expectation that it is not, in opportunities
 */
public record Settings(
    int differentWords,
    double secure,
    double sure,
    int halfLifeDays,
    double priorSuccesses,
    double priorFailures) {

  /**
   * The usual class setting. The prior is weak (two and a half opportunities) and leans to success,
   * since most children keep most rules.
   */
  public static final Settings USUAL = new Settings(2, 0.8, 0.9, 60, 2, 0.5);

  public Settings {
    if (secure <= 0 || secure >= 1 || sure <= 0 || sure >= 1) {
      throw new IllegalArgumentException("secure and sure are probabilities between 0 and 1");
    }
  }

  /** What a trial of a day weighs on another: 1 on the day itself, half of it a half-life on. */
  public double weight(LocalDate day, LocalDate asOf) {
    return Math.pow(0.5, Math.max(0, ChronoUnit.DAYS.between(day, asOf)) / (double) halfLifeDays);
  }

  /**
   * The first day that still counts: six half-lives back, when a trial weighs a sixty-fourth. What
   * lies before it could tip nothing, and would only swell the counts.
   */
  public LocalDate since(LocalDate asOf) {
    return asOf.minusDays(6L * halfLifeDays);
  }

  /** The same settings with another number of different words. */
  public Settings withDifferentWords(int words) {
    return new Settings(words, secure, sure, halfLifeDays, priorSuccesses, priorFailures);
  }
}

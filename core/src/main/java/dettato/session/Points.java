package dettato.session;

import dettato.input.Unacceptable;
import java.util.Collection;

/**
 * Points of the class and of the teacher, who plays against it; counted in halves, so that a total
 * is what was given.
 *
 * @param ours halves of the class
 * @param theirs halves of the teacher
 */
public record Points(int ours, int theirs) {
  /** Before anything is given. */
  public static final Points NONE = new Points(0, 0);

  /** Halves that one item can bring a side. */
  private static final int MOST = 10;

  /**
   * Points of one item.
   *
   * @throws Unacceptable for what is no half, is below nothing or more than an item can bring
   */
  public static Points of(double ours, double theirs) {
    return new Points(halves(ours), halves(theirs));
  }

  private static int halves(double points) {
    double halves = points * 2;
    if (halves != Math.rint(halves) || halves < 0 || halves > MOST) {
      throw new Unacceptable(
          "%s points are no whole or half number from 0 to %d. Give whole or half points."
              .formatted(text(points), MOST / 2));
    }
    return (int) halves;
  }

  public static Points total(Collection<Points> all) {
    return all.stream().reduce(NONE, Points::plus);
  }

  public Points plus(Points more) {
    return new Points(ours + more.ours, theirs + more.theirs);
  }

  /** Whether anybody has any. */
  public boolean areGiven() {
    return ours > 0 || theirs > 0;
  }

  /** As it is said: 2½. */
  public static String said(int halves) {
    String whole = halves == 1 ? "" : String.valueOf(halves / 2);
    return halves % 2 == 0 ? whole : whole + "½";
  }

  private static String text(double points) {
    return points == Math.rint(points) ? String.valueOf((long) points) : String.valueOf(points);
  }
}

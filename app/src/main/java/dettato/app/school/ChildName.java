package dettato.app.school;

import dettato.app.problem.Problem;
import java.text.Normalizer;
import java.util.Set;

/**
 * A child's name or code as it is kept: letters and signs that can be printed, composed (Unicode
 * NFC), with single plain blanks, so that two names that look alike are the same.
 */
final class ChildName {
  private static final int LONGEST = 80;
  private static final Set<Integer> UNPRINTABLE =
      Set.of(
          (int) Character.CONTROL,
          (int) Character.FORMAT,
          (int) Character.SURROGATE,
          (int) Character.PRIVATE_USE,
          (int) Character.UNASSIGNED);

  private ChildName() {}

  /**
   * @throws Problem 400 for a name that is empty, too long, or has signs that cannot be printed
   */
  static String of(String typed) {
    String name = Normalizer.normalize(typed.replaceAll("[\\p{Z}\\s]+", " "), Normalizer.Form.NFC);
    if (name.codePoints().anyMatch(c -> UNPRINTABLE.contains(Character.getType(c)))) {
      throw Problem.badRequest(
          "A child's name is made of signs that can be printed; '"
              + name.replaceAll("\\p{C}", "�")
              + "' is not. Type it again.");
    }
    String clean = name.strip();
    if (clean.isEmpty() || clean.length() > LONGEST) {
      throw Problem.badRequest(
          "A child's name has 1 to " + LONGEST + " letters; '" + clean + "' does not.");
    }
    return clean;
  }
}

package dettato.app.demo;

import dettato.rule.Outcome;
import dettato.simulate.Habit;
import dettato.simulate.Mishearing;
import dettato.simulate.Preference;
import dettato.simulate.SimulatedChild;
import dettato.simulate.Tendency;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/** The made-up class of Skerry Point Primary: its children, their planted habits, its sessions. */
final class DemoPlan {
  static final long SEED = 20_260_301;
  static final String CLASS = "Class Limpet · Year 2";
  private static final double STRENGTH = 0.9;
  static final double SLIPS = 0.05;

  static final List<String> CHILDREN =
      List.of(
          "Anwen", "Bashir", "Cadi", "Dilan", "Esme", "Farid", "Greta", "Hamza", "Ines", "Jonty",
          "Kwame", "Lowri", "Mirela", "Nikhil", "Orla", "Piotr", "Quinn", "Rosa", "Sefton",
          "Tamsin", "Umar", "Verity", "Wilf", "Xanthe", "Yusra", "Zeke");

  private static final Map<String, Tendency> HABITS =
      Map.ofEntries(
          planted("Bashir", "final-j", Outcome.UNDER),
          planted("Esme", "final-j", Outcome.OVER),
          planted("Hamza", "final-j", Outcome.UNDER),
          planted("Lowri", "final-ch", Outcome.UNDER),
          planted("Wilf", "final-k", Outcome.UNDER),
          planted("Cadi", "final-k", Outcome.OVER),
          planted("Greta", "final-double", Outcome.UNDER),
          planted("Mirela", "split-vowel", Outcome.UNDER),
          planted("Dilan", "end-ai", Outcome.UNDER),
          planted("Kwame", "double-before-ending", Outcome.UNDER),
          planted("Orla", "double-before-ending", Outcome.UNDER),
          planted("Umar", "double-before-ending", Outcome.UNDER),
          planted("Tamsin", "double-before-ending", Outcome.OVER),
          planted("Piotr", "past-ed", Outcome.UNDER),
          planted("Quinn", "plural-es", Outcome.UNDER),
          planted("Farid", "c-or-k", Outcome.OVER),
          Map.entry("Yusra", new Mishearing("n", "", true, STRENGTH)),
          Map.entry("Sefton", new Preference("FACE", "a_e", STRENGTH)));

  /**
   * A session of the demo class, filled by the chooser.
   *
   * @param daysAgo school days before today; 0 is today, -1 the next school day
   */
  record Sheet(int daysAgo, String rule, long seed) {}

  /** Words the demo leaves to others. */
  static final Set<String> WITHOUT = Set.of("bridge", "page");

  static final List<Sheet> SHEETS =
      List.of(
          new Sheet(15, "final-k", 11),
          new Sheet(13, "final-ch", 12),
          new Sheet(12, "final-double", 13),
          new Sheet(10, "split-vowel", 14),
          new Sheet(9, "end-ai", 15),
          new Sheet(7, "plural-es", 16),
          new Sheet(5, "past-ed", 17),
          new Sheet(3, "double-before-ending", 40),
          new Sheet(2, "final-j", 19),
          new Sheet(0, "double-before-ending", 20),
          new Sheet(-1, "final-j", 21),
          new Sheet(8, "final-k", 22));

  private DemoPlan() {}

  static List<SimulatedChild> children() {
    return CHILDREN.stream()
        .map(name -> new SimulatedChild(name, Stream.ofNullable(HABITS.get(name)).toList(), SLIPS))
        .toList();
  }

  private static Map.Entry<String, Tendency> planted(String name, String rule, Outcome kind) {
    return Map.entry(name, Habit.onSide(rule, kind, STRENGTH));
  }
}

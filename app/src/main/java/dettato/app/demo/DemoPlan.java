package dettato.app.demo;

import dettato.rule.Outcome;
import dettato.simulate.Habit;
import dettato.simulate.Mishearing;
import dettato.simulate.Preference;
import dettato.simulate.SimulatedChild;
import dettato.simulate.Tendency;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * The made-up class of Skerry Point Primary: its children, their planted habits, its dictations.
 */
final class DemoPlan {
  static final long SEED = 20_260_301;
  static final String CLASS = "Class Limpet · Year 2";
  private static final double STRENGTH = 0.9;
  private static final double SLIPS = 0.05;

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
   * A dictation of the demo class.
   *
   * @param daysAgo school days before today; 0 is today, -1 the next school day
   */
  record Sheet(int daysAgo, String rule, String sentence, List<String> words) {}

  static final List<Sheet> SHEETS =
      List.of(
          sheet(
              15,
              "final-k",
              "The duck has a snack on the dock.",
              "duck milk sock desk brick book track cheek peck tusk"),
          sheet(
              13,
              "final-ch",
              "We fetch the torch and watch the beach.",
              "hatch bench ditch coach fetch torch stitch beach match lunch"),
          sheet(
              12,
              "final-double",
              "A seal will sniff the shells by the cliff.",
              "cliff leaf shell wolf cross seal puff nail fuss shelf"),
          sheet(
              10,
              "split-vowel",
              "The waves rose and broke on the stone.",
              "hope hop cake plan kite pin home tub wave rod"),
          sheet(
              9,
              "end-ai",
              "The train may stay away in the rain.",
              "tray train clay snail play paint spray brain away chain"),
          sheet(
              7,
              "plural-es",
              "Six gulls sat on the boxes of fish.",
              "brushes boats boxes crabs dishes rocks foxes gulls lunches nets"),
          sheet(
              5,
              "past-ed",
              "Dad lifted the lamp and looked at the rocks.",
              "helped soft filled band planted gold kicked nest sailed pond"),
          sheet(
              3,
              "double-before-ending",
              "The boat is rocking and dripping.",
              "shopping jumping clapping raining swimming melting digging floating hopping fishing"),
          sheet(
              2,
              "final-j",
              "The gull on the ledge has a huge fish.",
              "ridge cage fudge hinge lodge stage hedge plunge badge huge"),
          sheet(
              0,
              "double-before-ending",
              "The keeper is running up the steps.",
              "stopping landing running sleeping dripping resting tapping looking grinning barking"),
          sheet(
              -1,
              "final-j",
              "At the edge of the bridge sat a large crab.",
              "bridge page wedge large smudge fringe edge cage judge sponge"));

  private DemoPlan() {}

  static List<SimulatedChild> children() {
    return CHILDREN.stream()
        .map(name -> new SimulatedChild(name, Stream.ofNullable(HABITS.get(name)).toList(), SLIPS))
        .toList();
  }

  private static Map.Entry<String, Tendency> planted(String name, String rule, Outcome kind) {
    return Map.entry(name, new Habit(rule, kind, STRENGTH));
  }

  private static Sheet sheet(int daysAgo, String rule, String sentence, String words) {
    return new Sheet(daysAgo, rule, sentence, Arrays.asList(words.split(" ")));
  }
}

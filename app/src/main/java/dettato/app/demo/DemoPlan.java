package dettato.app.demo;

import dettato.activity.Item;
import dettato.activity.cards.CardsKind;
import dettato.rule.Outcome;
import dettato.session.Template;
import dettato.session.TemplateBook;
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

  /** How far the class has come: the middle of Year 2. */
  static final int STEP = 75;

  /** Cards are dealt in sessions of the term that are older than this. */
  private static final int WITH_CARDS = 16;

  private static final int CARDS = 8;

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
          new Sheet(8, "final-k", 22),
          new Sheet(56, "final-double", 31),
          new Sheet(50, "final-k", 32),
          new Sheet(43, "final-ch", 33),
          new Sheet(36, "end-ai", 34),
          new Sheet(29, "split-vowel", 35),
          new Sheet(22, "plural-es", 36));

  private DemoPlan() {}

  /** Words and a sentence; early in the term with cards before them. */
  static Template template(Sheet sheet) {
    Template usual = TemplateBook.shipped().get(0);
    if (sheet.daysAgo() < WITH_CARDS) {
      return usual;
    }
    List<Template.Quota> blocks =
        Stream.concat(
                Stream.of(new Template.Quota(CardsKind.ID, CARDS, Item.Role.REVIEW, 1)),
                usual.blocks().stream())
            .toList();
    return new Template(usual.id(), usual.name(), usual.says(), usual.minutes(), blocks);
  }

  static List<SimulatedChild> children() {
    return CHILDREN.stream()
        .map(name -> new SimulatedChild(name, Stream.ofNullable(HABITS.get(name)).toList(), SLIPS))
        .toList();
  }

  private static Map.Entry<String, Tendency> planted(String name, String rule, Outcome kind) {
    return Map.entry(name, Habit.onSide(rule, kind, STRENGTH));
  }
}

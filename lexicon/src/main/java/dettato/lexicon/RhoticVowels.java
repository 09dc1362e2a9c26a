package dettato.lexicon;

import dettato.word.Segmentation;
import dettato.word.Unit;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * Takes apart what General American runs together before a vowel: hurry is h·u·rr·y with STRUT,
 * courage c·ou·r·a·ge, surround s·u·rr·ou·nd with a weak vowel, character ch·a·r·a·c·t·er with
 * TRAP. A doubled r at a join stays with its vowel (stirr·ing). Source: Wells 1982, the mergers
 * before r.
 */
final class RhoticVowels {
  /** Words in which ar before a vowel is TRAP and r. */
  private static final Set<String> TRAP_STEMS =
      Set.of(
          "charact",
          "paragra",
          "parachut",
          "parallel",
          "paradi",
          "parasol",
          "parasit",
          "parano",
          "caravan",
          "caramel",
          "caribou",
          "carol",
          "carousel",
          "marigold",
          "apparat",
          "charit",
          "clarit",
          "clarif",
          "popularit",
          "familiarit",
          "similarit",
          "solidarit",
          "guarant",
          "baron",
          "comparis",
          "comparat",
          "asparag",
          "transparen",
          "maraca",
          "arid",
          "larynx",
          "tariff",
          "parit",
          "polarit",
          "hilarit",
          "claret",
          "charism",
          "marath",
          "maritime",
          "paragon",
          "parak",
          "arab",
          "arable",
          "aristo",
          "caricat",
          "barit",
          "separat",
          "preparat",
          "declarat",
          "paraphr",
          "paraff",
          "parish",
          "garag",
          "vocabular");

  private RhoticVowels() {}

  /** The same cut with its r set apart where it belongs to the next beat. */
  static Segmentation apart(Segmentation cut, List<String> stresses) {
    List<Unit> units = new ArrayList<>();
    for (int i = 0; i < cut.size(); i++) {
      Unit unit = cut.unit(i);
      String letters = unit.grapheme().text();
      boolean beforeVowel = i + 1 < cut.size() && cut.unit(i + 1).sound().isVowel();
      String vowel = beforeVowel ? vowel(cut.spelling(), unit, letters, stresses.get(i)) : "";
      if (vowel.isEmpty()) {
        units.add(unit);
      } else {
        int r = letters.indexOf('r');
        units.add(Unit.of(letters.substring(0, r), vowel));
        units.add(Unit.of(letters.substring(r), "r"));
      }
    }
    return Segmentation.of(cut.spelling(), units);
  }

  /** The set of the vowel when its r is set apart, or "" when it stays. */
  private static String vowel(String spelling, Unit unit, String letters, String stress) {
    String set = unit.sound().id();
    boolean strong = !stress.equals("0") && !stress.isEmpty();
    if (set.equals("NURSE") && strong && Set.of("urr", "our").contains(letters)) {
      return "STRUT";
    }
    if (Set.of("NURSE", "lettER").contains(set) && !strong && letters.matches("[eou]rr")) {
      return "commA";
    }
    if (set.equals("START") && letters.equals("arr")) {
      return spelling.matches(".*(qu|w)arr.*") ? "LOT" : "TRAP";
    }
    if (set.equals("SQUARE")
        && strong
        && letters.equals("ar")
        && TRAP_STEMS.stream().anyMatch(spelling::startsWith)) {
      return "TRAP";
    }
    return "";
  }
}

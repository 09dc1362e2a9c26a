package dettato.lexicon;

import dettato.sound.Correspondences;
import dettato.sound.Grapheme;
import dettato.sound.Sound;
import dettato.sound.Sounds;
import dettato.word.Segmentation;
import dettato.word.Unit;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * Turns a segmentation made from General American phones into lexical sets that hold for every
 * accent: BATH words by a list of stems, yod after t, d, n, weak vowels by spelling.
 */
final class Polish {
  private final Set<String> bathStems;

  Polish(Set<String> bathStems) {
    this.bathStems = bathStems;
  }

  /**
   * @param stresses the stress digit of each unit, "" for consonants
   * @param seam index of the letter at which a compound's second part begins, -1 when there is none
   */
  Segmentation apply(Segmentation cut, List<String> stresses, int seam) {
    List<Unit> units = new ArrayList<>();
    for (int i = 0; i < cut.size(); i++) {
      units.add(set(cut, i, stresses.get(i), seam));
    }
    return Segmentation.of(cut.spelling(), units);
  }

  private Unit set(Segmentation cut, int i, String stress, int seam) {
    Unit unit = cut.unit(i);
    String grapheme = unit.grapheme().text();
    String before = i == 0 ? "" : cut.unit(i - 1).sound().last().id();
    String set = unit.sound().id();
    boolean weak = stress.equals("0");
    boolean last = cut.isLast(i);
    if (Set.of("TRAP", "PALM").contains(set)
        && Set.of("a", "au", "al").contains(grapheme)
        && isBath(cut.spelling(), seam)
        && !stress.equals("0")) {
      set = "BATH";
    } else if (set.equals("DRESS")
        && grapheme.equals("a")
        && cut.spelling().startsWith("rr", cut.start(i) + 1)) {
      set = "TRAP";
    } else if (set.equals("FLEECE")
        && weak
        && List.of("y", "ey", "ie", "i", "ee", "e").contains(grapheme)
        && (last || endsInPlural(cut, i))) {
      set = "happY";
    } else if (set.equals("FLEECE")
        && weak
        && grapheme.equals("e")
        && !last
        && beforeConsonant(cut, i)) {
      set = "KIT";
    } else if (Set.of("commA", "KIT").contains(set)
        && weak
        && grapheme.equals("a")
        && inAge(cut, i)) {
      set = "KIT";
    } else if (set.equals("commA") && i == 0 && isUnOrUp(cut.spelling())) {
      set = "STRUT";
    } else if (set.equals("TRAP") && weak && i == 0 && cut.spelling().matches("a(d[mv]|cc).*")) {
      set = "commA";
    } else if (set.equals("GOOSE")
        && yodGrapheme(grapheme)
        && Set.of("t", "d", "n").contains(before)) {
      set = "TUNE";
    } else if (set.equals("commA")
        && weak
        && grapheme.equals("e")
        && (weakE(cut, i) || inPrefix(cut, i))) {
      set = "KIT";
    } else if (set.equals("DRESS")
        && weak
        && cut.spelling().substring(cut.start(i)).matches("ess(ly)?")) {
      set = "KIT";
    } else if (set.equals("STRUT") && weak && !cut.spelling().startsWith("un")) {
      set = "commA";
    } else if (set.equals("NURSE") && weak) {
      set = "lettER";
    } else if (Set.of("LOT", "PALM").contains(set)
        && grapheme.equals("a")
        && cut.spelling().startsWith("ll", cut.start(i) + 1)
        && !stress.equals("1")) {
      set = "THOUGHT";
    } else if (set.equals("LOT") && grapheme.equals("a") && !afterW(before)) {
      set = "PALM";
    } else if (set.equals("PALM") && grapheme.equals("a") && afterW(before)) {
      set = "LOT";
    } else if (set.equals("THOUGHT")
        && grapheme.equals("a")
        && afterW(before)
        && !beforeL(cut, i)) {
      set = "LOT";
    }
    if (Correspondences.find(Sounds.of(set), unit.grapheme()).isEmpty()) {
      set = unit.sound().id();
    }
    boolean always = Sounds.of(set).kind() == Sound.Kind.WEAK || set.equals("lettER");
    Unit.Stress mark =
        !Sounds.of(set).isVowel() || weak || always || stress.isEmpty()
            ? Unit.Stress.NONE
            : stress.equals("1") ? Unit.Stress.MAIN : Unit.Stress.SECOND;
    return new Unit(Sounds.of(set), new Grapheme(grapheme), mark, false);
  }

  /** By the word's own beginning, or that of a compound's second part (hourglass). */
  private boolean isBath(String spelling, int seam) {
    boolean whole = begins(spelling, "");
    boolean not = begins(spelling, "!");
    return (whole && !not) || (seam > 0 && isBath(spelling.substring(seam), -1));
  }

  private boolean begins(String spelling, String mark) {
    return bathStems.stream()
        .filter(s -> s.startsWith("!") == mark.equals("!"))
        .map(s -> s.substring(mark.length()))
        .anyMatch(
            s -> s.startsWith("=") ? spelling.equals(s.substring(1)) : spelling.startsWith(s));
  }

  /** In be-, de-, pre-, re- the weak e is KIT; before a vowel it stays (create). */
  private static boolean beforeConsonant(Segmentation cut, int i) {
    return i + 1 < cut.size() && !cut.unit(i + 1).sound().isVowel();
  }

  /** The weak a of village, packages, luggage. */
  private static boolean inAge(Segmentation cut, int i) {
    return cut.spelling().substring(cut.start(i)).matches("age(s|d)?");
  }

  private static boolean isUnOrUp(String spelling) {
    return spelling.matches("un(?!i).*") || spelling.matches("up(?!on).+");
  }

  private static boolean endsInPlural(Segmentation cut, int i) {
    return i == cut.size() - 2
        && Set.of("s", "ed", "d").contains(cut.unit(i + 1).grapheme().text());
  }

  private static boolean yodGrapheme(String grapheme) {
    return Set.of("u", "u_e", "ew", "ue", "eu", "eau").contains(grapheme);
  }

  /** A weak e is KIT in pocket, basket, wanted and before -ge, -ss, -st; else schwa. */
  private static boolean weakE(Segmentation cut, int i) {
    String rest = cut.spelling().substring(cut.start(i));
    boolean afterVowel = i > 0 && cut.unit(i - 1).sound().isVowel();
    return rest.matches("e(st|ss|ge|ges|ct.*|x.*|nglish)")
        || !afterVowel && rest.matches("e(t|ts|tt.*)")
        || i == 0
        || rest.matches("ed.*");
  }

  /** The e of be-, de-, pre-, re-, whatever the source's weak vowel. */
  private static boolean inPrefix(Segmentation cut, int i) {
    return cut.spelling().substring(0, cut.start(i) + 1).matches("be|de|pre|re")
        && beforeConsonant(cut, i);
  }

  private static boolean afterW(String before) {
    return before.equals("w");
  }

  private static boolean beforeL(Segmentation cut, int i) {
    if (i + 1 >= cut.size()) {
      return false;
    }
    Sound next = cut.unit(i + 1).sound();
    return next.id().equals("l")
        || cut.spelling().startsWith("water", Math.max(0, cut.start(i) - 1));
  }
}

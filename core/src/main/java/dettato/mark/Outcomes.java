package dettato.mark;

import dettato.rule.Opportunity;
import dettato.rule.Outcome;
import dettato.rule.RuleBook;
import dettato.rule.Side;
import dettato.sound.Correspondence;
import dettato.sound.Correspondences;
import dettato.sound.Grapheme;
import dettato.sound.Sound;
import dettato.word.Segmentation;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What an attempt shows of each rule the word tests; one fact is told by one rule. */
final class Outcomes {
  /** Rules whose condition is the vowel right before. */
  private static final Set<String> BY_VOWEL =
      Set.of(
          "final-k",
          "final-ch",
          "final-j",
          "final-double",
          "double-inside",
          "double-before-ending");

  /** Rules whose condition is the letter right after. */
  private static final Set<String> BY_NEXT = Set.of("c-or-k", "soft-c", "soft-g");

  /**
   * Asked only after a vowel with a silent e: fas and mies for face and mice tell nothing of it.
   */
  private static final String AFTER_SPLIT = "soft-c/end-ce";

  /** Rules that ask for a silent e, or for none. */
  private static final Set<String> OF_SILENT_E =
      Set.of("split-vowel", "drop-e", "end-v", "final-le");

  /** Told of by the whole word, not by one unit. */
  private static final String IRREGULAR = "irregular-form";

  private Outcomes() {}

  static List<RuleMark> untested(Target target) {
    return target.opportunities.stream().map(o -> new RuleMark(o, Outcome.UNTESTED, "")).toList();
  }

  /**
   * One mark for each opportunity. Where two rules fail at one unit, the later in the catalogue
   * (those of joins) tells, and the other says nothing. Letters that changed places tell of that
   * alone.
   *
   * @param place the one letter that differs, away from which no rule is broken; or null
   */
  static List<RuleMark> of(Target target, UnitMark[] units, String text, @Nullable OnePlace place) {
    if (target.regularForms.contains(text)) {
      return target.opportunities.stream().map(o -> regular(o, units)).toList();
    }
    List<RuleMark> rules = new ArrayList<>(target.opportunities.size());
    for (Opportunity o : target.opportunities) {
      UnitMark unit = units[o.unit()];
      Outcome outcome =
          o.rule().equals(IRREGULAR)
              ? (unit.verdict().represents() ? Outcome.APPLIED : Outcome.UNTESTED)
              : o.judge(unit.written(), isHeard(o, unit, target.units[o.unit()].sound()));
      if (lostBefore(o, units)
          || outcome.isFailure()
              && (place != null && !place.isAt(o.unit(), unit)
                  || isUndone(o, outcome, units)
                  || isDueBeforeE(o, outcome, unit.written())
                  || isOtherwiseFollowed(o, target, units)
                  || eStands(o, target, unit, text))) {
        outcome = Outcome.UNTESTED;
      }
      if (outcome.isFailure()) {
        silence(rules, o.unit());
      }
      rules.add(new RuleMark(o, outcome, unit.written()));
    }
    return rules;
  }

  /** A word with the usual ending, where it takes none, tells of that alone. */
  private static RuleMark regular(Opportunity o, UnitMark[] units) {
    boolean form = o.condition().rule().equals(IRREGULAR);
    return new RuleMark(o, form ? Outcome.UNDER : Outcome.UNTESTED, units[o.unit()].written());
  }

  /**
   * Whether the sound is spelled as a rule could have it otherwise. A vowel letter by its name
   * (lade for lady) is, and so is what is left of a grapheme if it can spell the sound too (hug for
   * huge), the sound is weak (sistr) or the place is a join (jumpd); scrath for scratch says
   * nothing of tch or ch.
   */
  private static boolean isHeard(Opportunity o, UnitMark unit, Sound sound) {
    String confusion = unit.confusion().orElse("");
    return switch (unit.verdict()) {
      case EXACT, ALTERNATIVE -> true;
      case PARTIAL ->
          switch (confusion) {
            case "letter-changed" -> false;
            case "letters-missing" ->
                RuleBook.joins(o.rule())
                    || sound.isRun()
                    || sound.isWeakVowel()
                    || isListed(sound, unit.written());
            default -> true;
          };
      case NEAR -> confusion.equals("letter-name");
      case OTHER, MISSING -> false;
    };
  }

  private static boolean isListed(Sound sound, String written) {
    return Correspondences.find(sound, new Grapheme(written))
        .filter(Correspondence::isUsual)
        .isPresent();
  }

  /**
   * Whether what the rule looks back at is not there at all: luch for lunch tells nothing of ch.
   */
  private static boolean lostBefore(Opportunity o, UnitMark[] units) {
    return o.unit() > 0
        && units[o.unit() - 1].verdict() == Verdict.MISSING
        && BY_VOWEL.contains(o.rule());
  }

  /**
   * Whether a silent e that seems left out stands where it is due, counted from the end, with a
   * letter too many or another before it (plazce): then no rule about it is broken.
   */
  private static boolean eStands(Opportunity o, Target target, UnitMark unit, String text) {
    Segmentation cut = target.word.cut();
    String grapheme = cut.unit(o.unit()).grapheme().text();
    int last = cut.start(o.unit()) + grapheme.length() - 1;
    int e = cut.silentE(o.unit()) >= 0 ? cut.silentE(o.unit()) : last;
    boolean due = OF_SILENT_E.contains(o.rule()) && grapheme.length() > 1 && grapheme.endsWith("e");
    return due && !unit.written().contains("e") && text.endsWith(cut.spelling().substring(e));
  }

  /**
   * Whether letters changed places there, or the vowel that the rule looks back at was itself
   * spelled otherwise, in such a way that the rule fits what was written: cack for cake tells of
   * the vowel, not of ck; borl for ball, not of ll; fas for face, not of ce. Nor does a doubled
   * letter tell of doubling where the consonant after it was lost (winner for winter).
   */
  private static boolean isUndone(Opportunity o, Outcome outcome, UnitMark[] units) {
    if (units[o.unit()].confusion().filter("swapped"::equals).isPresent()) {
      return true;
    }
    if (outcome == Outcome.OVER
        && o.rule().equals("double-inside")
        && units[o.unit() + 1].verdict() == Verdict.MISSING) {
      return true;
    }
    if (o.unit() == 0) {
      return false;
    }
    UnitMark vowel = units[o.unit() - 1];
    if (o.condition().id().equals(AFTER_SPLIT)) {
      return vowel.verdict() != Verdict.EXACT;
    }
    if (!BY_VOWEL.contains(o.rule())) {
      return false;
    }
    boolean shortNow = vowel.written().length() == 1 && "aeiou".contains(vowel.written());
    boolean marked = (o.side() == Side.DUE) == (outcome == Outcome.UNDER);
    return marked && vowel.verdict() != Verdict.EXACT && shortNow == (outcome == Outcome.OVER);
  }

  /** Whether what is due was written, and an e after it is all that is wrong (wasep for wasp). */
  private static boolean isDueBeforeE(Opportunity o, Outcome outcome, String written) {
    return outcome == Outcome.UNDER
        && written.endsWith("_e")
        && o.due().contains(written.substring(0, written.length() - 2));
  }

  /**
   * Whether the letter that the rule looks ahead at was itself written otherwise, so that the rule
   * fits what was written: the k of bisket stands before an e.
   */
  private static boolean isOtherwiseFollowed(Opportunity o, Target target, UnitMark[] units) {
    if (!BY_NEXT.contains(o.rule()) || o.unit() + 1 >= units.length) {
      return false;
    }
    String now = units[o.unit() + 1].written();
    return !now.isEmpty() && isSoftener(now) != isSoftener(target.units[o.unit() + 1].grapheme);
  }

  private static boolean isSoftener(String grapheme) {
    return "eiy".indexOf(grapheme.charAt(0)) >= 0;
  }

  private static void silence(List<RuleMark> rules, int unit) {
    for (int i = 0; i < rules.size(); i++) {
      RuleMark earlier = rules.get(i);
      if (earlier.at().unit() == unit && earlier.outcome().isFailure()) {
        rules.set(i, new RuleMark(earlier.at(), Outcome.UNTESTED, earlier.written()));
      }
    }
  }

  /** Where the word is an exception to a rule that the attempt kept all the same (mutch). */
  static List<Opportunity> regularised(Target target, UnitMark[] units) {
    if (target.exceptions.isEmpty()) {
      return List.of();
    }
    return target.exceptions.stream()
        .filter(o -> o.due().contains(units[o.unit()].written()))
        .filter(o -> !RuleBook.of(o.rule()).isWeak())
        .toList();
  }
}

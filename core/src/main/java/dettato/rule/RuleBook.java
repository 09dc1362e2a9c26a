package dettato.rule;

import dettato.input.Unacceptable;
import dettato.word.Segmentation;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The catalogue: every rule, in the order screens list them. */
public final class RuleBook {
  /** The order of rules is this list. */
  public static final List<SpellingRule> RULES =
      List.of(
          new FinalK(),
          new FinalCh(),
          new FinalJ(),
          new FinalDouble(),
          new COrK(),
          new SoftC(),
          new SoftG(),
          new SplitVowel(),
          new EndAi(),
          new EndOi(),
          new EndAu(),
          new EndOu(),
          new EndV(),
          new EndY(),
          new FinalLe(),
          new Qu(),
          new X(),
          new Nk(),
          new Wa(),
          new Wor(),
          new War(),
          new DoubleInside(),
          new ErEnd(),
          new Tion(),
          new IeEi(),
          new DoubleBeforeEnding(),
          new DropE(),
          new YToI(),
          new PluralEs(),
          new PluralSZ(),
          new FToVes(),
          new PastEd(),
          new IrregularForm(),
          new KeepStem());

  private static final Map<String, SpellingRule> BY_ID =
      RULES.stream().collect(Collectors.toMap(SpellingRule::id, Function.identity()));

  private static final Map<String, Condition> CONDITIONS =
      RULES.stream()
          .flatMap(r -> r.conditions().stream())
          .collect(Collectors.toMap(Condition::id, Function.identity()));

  private static final Set<String> JOINS =
      Set.of(
          "double-before-ending",
          "drop-e",
          "y-to-i",
          "plural-es",
          "plural-s-z",
          "f-to-ves",
          "past-ed",
          "keep-stem");

  private RuleBook() {}

  /**
   * The rule with this id.
   *
   * @throws Unacceptable when there is none
   */
  public static SpellingRule of(String id) {
    SpellingRule rule = BY_ID.get(id);
    if (rule == null) {
      throw new Unacceptable("rule '" + id + "' is not in the catalogue");
    }
    return rule;
  }

  /**
   * The condition with this id.
   *
   * @throws Unacceptable when there is none
   */
  public static Condition condition(String id) {
    Condition condition = CONDITIONS.get(id);
    if (condition == null) {
      throw new Unacceptable("condition '" + id + "' is not in the catalogue");
    }
    return condition;
  }

  /** Where rules decide in a word: places the word itself obeys, left to right within each rule. */
  public static List<Opportunity> opportunities(Word word) {
    return places(word).obeyed();
  }

  /** Where one rule decides in a word that obeys it there. */
  public static Stream<Opportunity> opportunities(String rule, Word word) {
    return of(rule).places(word).stream().filter(place -> obeys(word, place));
  }

  /** Places where a rule decides and this word does otherwise (much). */
  public static List<Opportunity> exceptions(Word word) {
    return places(word).broken();
  }

  /** Where rules decide in a word, both those it obeys and those it breaks. */
  public record Places(List<Opportunity> obeyed, List<Opportunity> broken) {
    public Places {
      obeyed = List.copyOf(obeyed);
      broken = List.copyOf(broken);
    }
  }

  /** Asks every rule once; cheaper than {@link #opportunities} and {@link #exceptions} apart. */
  public static Places places(Word word) {
    List<Opportunity> obeyed = new ArrayList<>();
    List<Opportunity> broken = new ArrayList<>();
    for (SpellingRule rule : RULES) {
      for (Opportunity place : rule.places(word)) {
        (obeys(word, place) ? obeyed : broken).add(place);
      }
    }
    return new Places(obeyed, broken);
  }

  /**
   * Units to be known by heart: those of no list of correspondences, and those that break a firm
   * rule.
   */
  public static Set<Integer> irregular(Word word) {
    Set<Integer> units = new TreeSet<>(word.irregular());
    exceptions(word).stream()
        .filter(o -> !of(o.rule()).isWeak())
        .map(Opportunity::unit)
        .forEach(units::add);
    return units;
  }

  /** Rules that a word breaks at an irregular join, which its cut does not show (truly). */
  public static List<String> brokenAtJoin(Word word) {
    return RULES.stream().filter(r -> KnownExceptions.has(r, word)).map(SpellingRule::id).toList();
  }

  /** Whether the rule is about joining an ending, or the parts of a word. */
  public static boolean joins(String rule) {
    return JOINS.contains(rule);
  }

  /** How many places of a word break a rule, weak rules aside. */
  public static long broken(Word word) {
    return exceptions(word).stream().filter(p -> !of(p.rule()).isWeak()).count();
  }

  /**
   * Whether another cut of a word's sounds keeps the rules, weak ones aside: it breaks none itself,
   * and has no special spelling where the word shows that none is due (zayn for zain).
   */
  public static boolean keeps(Word word, Segmentation written) {
    return broken(Word.of(written)) == 0
        && opportunities(word).stream()
            .filter(o -> !of(o.rule()).isWeak())
            .noneMatch(o -> o.over().contains(written.unit(o.unit()).grapheme().text()));
  }

  /** Whether a word is on its side of a rule at this place by heart alone (camel has no le). */
  public static boolean isByHeart(Opportunity place) {
    return of(place.rule()).isByHeart(place);
  }

  /** Whether the word's own grapheme is due at a place; if not, the word is an exception. */
  static boolean obeys(Word word, Opportunity place) {
    return place.due().contains(word.cut().unit(place.unit()).grapheme().text());
  }
}

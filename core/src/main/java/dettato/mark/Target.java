package dettato.mark;

import dettato.rule.IrregularForm;
import dettato.rule.Opportunity;
import dettato.rule.RuleBook;
import dettato.sound.Accent;
import dettato.sound.Sound;
import dettato.word.Capitals;
import dettato.word.Join;
import dettato.word.Unit;
import dettato.word.Word;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** A word made ready for marking: its units' forms and the places where rules decide. */
final class Target {
  private static final Set<String> GLIDING = Set.of("MOUTH", "PRICE", "CHOICE");
  private static final Set<String> WEAK_LETTERS = Set.of("a", "e", "o", "u");
  private static final Set<String> LIQUIDS = Set.of("l", "n", "r");

  final Word word;
  final Accent accent;
  final UnitForms[] units;
  final List<Opportunity> opportunities;

  /** Where a rule decides and the word itself does not obey. */
  final List<Opportunity> exceptions;

  /** What a stranger makes of the word itself. */
  final ModelReading model;

  /** What the word would be with the usual ending, where it changes instead (mouses). */
  final Set<String> regularForms;

  /** Whether it is written with a capital. */
  final boolean capital;

  final UnitMark[] exact;
  private final boolean[] regular;
  private final boolean[] clean;
  private final String[] merged;

  Target(Word word, Accent accent) {
    this.word = word;
    this.accent = accent;
    RuleBook.Places places = RuleBook.places(word);
    this.opportunities = places.obeyed();
    this.exceptions = places.broken();
    this.model = new ModelReading(word, accent);
    this.regularForms = IrregularForm.regular(word);
    this.capital = Capitals.isCapital(word);
    this.units =
        IntStream.range(0, word.cut().size())
            .mapToObj(
                i ->
                    new UnitForms(
                        word.cut().unit(i),
                        SoundForms.shared(word.cut().unit(i).sound(), accent),
                        Stream.concat(opportunities.stream(), exceptions.stream())
                            .filter(o -> o.unit() == i)
                            .toList()))
            .toArray(UnitForms[]::new);
    this.exact = new UnitMark[units.length];
    this.regular = new boolean[units.length];
    this.clean = new boolean[units.length];
    this.merged = Merged.of(word.cut());
    ReadBack itself = new ReadBack(this, word.letters());
    for (int i = 0; i < units.length; i++) {
      exact[i] = new UnitMark(units[i].grapheme, Verdict.EXACT, Optional.empty());
      clean[i] = isClean(i);
      regular[i] = itself.says(i, units[i].grapheme, word.cut().start(i));
    }
  }

  /** Index of the first letter of a unit; of the end for the unit after the last. */
  int start(int unit) {
    return unit < units.length ? word.cut().start(unit) : word.letters().length();
  }

  int length() {
    return word.letters().length();
  }

  /** A grapheme that could spell this unit and the next in one; "" when there is none. */
  String merged(int unit) {
    return merged[unit];
  }

  /** The nearest place some units before this one that no split digraph reaches across. */
  int cleanBefore(int unit, int units) {
    int at = Math.max(0, unit - units);
    while (at > 0 && !clean[at]) {
      at--;
    }
    return at;
  }

  /** The nearest place some units after this one that no split digraph reaches across. */
  int cleanAfter(int unit, int more) {
    int at = Math.min(units.length, unit + more);
    while (at < units.length && !clean[at]) {
      at++;
    }
    return at;
  }

  private boolean isClean(int before) {
    for (int i = 0; i < before; i++) {
      if (word.cut().silentE(i) >= word.cut().start(before)) {
        return false;
      }
    }
    return true;
  }

  /** What another real word is to this one. */
  Mark.RealWord comparedWith(Word other) {
    boolean alike = other.cut().heard(accent).equals(model.heard);
    return alike || Flaps.areAlike(word.cut(), other.cut(), accent)
        ? Mark.RealWord.HOMOPHONE
        : Mark.RealWord.ANOTHER;
  }

  /** Whether /t/ or /d/ is said as either here. */
  boolean isFlap(int unit) {
    return Flaps.isFlap(word.cut(), unit, accent);
  }

  /** Whether letters are how the other country spells the word. */
  boolean isTwin(String letters) {
    return word.region().filter(r -> r.twin().equals(letters)).isPresent();
  }

  /**
   * Whether another real word is worth telling: a name that is written by chance is not, unless it
   * sounds as the word does (Jim, gym).
   */
  boolean isNews(Word other) {
    return !other.isName() || word.isName() || comparedWith(other) == Mark.RealWord.HOMOPHONE;
  }

  /** Whether letters are the word's base, which stands in it unchanged, without the ending. */
  boolean isBaseAlone(String letters) {
    return word.join()
        .filter(j -> j.change() == Join.Change.NONE && j.base().equals(letters))
        .filter(j -> word.letters().startsWith(letters))
        .filter(j -> start(word.endingUnit()) == letters.length())
        .isPresent();
  }

  /**
   * Whether a vowel without stress is said or not as one likes: between a consonant and an l, n or
   * r with another such vowel after it (choc'late, diff'rent, fam'ly).
   *
   * <p>Source: Zwicky, "Note on a phonological hierarchy in English", in Stockwell and Macaulay
   * (eds), Linguistic Change and Generative Theory, 1972.
   */
  boolean isHardlySaid(int unit) {
    Sound sound = units[unit].sound();
    boolean ownR = sound.id().equals("lettER");
    boolean weak = sound.id().equals("commA") || ownR || isWeakKit(unit);
    int liquid = ownR ? unit : unit + 1;
    if (weak && !ownR && isGlidedInto(unit)) {
      return true;
    }
    return weak
        && unit > 0
        && !units[unit - 1].vowel
        && liquid + 1 < units.length
        && (ownR || LIQUIDS.contains(units[liquid].sound().id()))
        && units[liquid + 1].vowel
        && units[liquid + 1].unit.stress() == Unit.Stress.NONE;
  }

  /**
   * The weak vowel between a gliding vowel, or one with a sounded r, and a last l: most say towel,
   * and in America squirrel, with one beat less.
   */
  private boolean isGlidedInto(int unit) {
    return unit > 0
        && unit + 2 == units.length
        && (GLIDING.contains(units[unit - 1].sound().id())
            || accent.rhotic() && units[unit - 1].sound().kind() == Sound.Kind.RHOTIC)
        && units[unit + 1].sound().id().equals("l");
  }

  /** Whether a short i without stress, but for that of -ing, was written as another weak vowel. */
  boolean isWeakLetter(int unit, String written) {
    boolean ing = unit + 1 < units.length && units[unit + 1].sound().id().equals("ŋ");
    return isWeakKit(unit) && !ing && WEAK_LETTERS.contains(written);
  }

  private boolean isWeakKit(int unit) {
    return units[unit].sound().id().equals("KIT") && units[unit].unit.stress() == Unit.Stress.NONE;
  }

  /** Whether the rules read a unit's grapheme as its sound in the model itself. */
  boolean isRegular(int unit) {
    return regular[unit];
  }
}

package dettato.mark;

import dettato.rule.Opportunity;
import dettato.rule.RuleBook;
import dettato.sound.Accent;
import dettato.sound.Sound;
import dettato.word.Segmentation;
import dettato.word.Word;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** A word made ready for marking: its units' forms and the places where rules decide. */
final class Target {
  private static final Map<String, Map<Sound, SoundForms>> SHARED = new ConcurrentHashMap<>();

  final Word word;
  final Accent accent;
  final UnitForms[] units;
  final List<Opportunity> opportunities;

  /** Where a rule decides and the word itself does not obey. */
  final List<Opportunity> exceptions;

  final String ipa;
  final UnitMark[] exact;
  private final String[] unitIpa;
  private final boolean[] regular;
  private final boolean[] clean;
  private final String[] merged;

  Target(Word word, Accent accent) {
    this.word = word;
    this.accent = accent;
    RuleBook.Places places = RuleBook.places(word);
    this.opportunities = places.obeyed();
    this.exceptions = places.broken();
    this.ipa = word.cut().ipa(accent);
    Map<Sound, SoundForms> shared =
        SHARED.computeIfAbsent(accent.id(), id -> new ConcurrentHashMap<>());
    this.units =
        IntStream.range(0, word.cut().size())
            .mapToObj(
                i ->
                    new UnitForms(
                        word.cut().unit(i),
                        shared.computeIfAbsent(
                            word.cut().unit(i).sound(), s -> SoundForms.of(s, accent)),
                        Stream.concat(opportunities.stream(), exceptions.stream())
                            .filter(o -> o.unit() == i)
                            .toList()))
            .toArray(UnitForms[]::new);
    this.exact = new UnitMark[units.length];
    this.unitIpa = new String[units.length];
    this.regular = new boolean[units.length];
    this.clean = new boolean[units.length];
    this.merged = Merged.of(word.cut());
    ReadBack model = new ReadBack(this, word.spelling());
    for (int i = 0; i < units.length; i++) {
      exact[i] = new UnitMark(units[i].grapheme, Verdict.EXACT, Optional.empty());
      clean[i] = isClean(i);
      unitIpa[i] = word.cut().ipa(i, accent);
      regular[i] = model.says(i, units[i].grapheme, word.cut().start(i));
    }
  }

  /** Index of the first letter of a unit; of the end for the unit after the last. */
  int start(int unit) {
    return unit < units.length ? word.cut().start(unit) : word.spelling().length();
  }

  int length() {
    return word.spelling().length();
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

  boolean soundsLike(Segmentation other) {
    return other.ipa(accent).equals(ipa);
  }

  String ipa(int unit) {
    return unitIpa[unit];
  }

  /** Whether the rules read a unit's grapheme as its sound in the model itself. */
  boolean isRegular(int unit) {
    return regular[unit];
  }
}

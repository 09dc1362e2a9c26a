package dettato.word;

import dettato.input.Unacceptable;
import dettato.sound.Accent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * A spelling cut into units. Every letter belongs to exactly one unit; a split digraph owns its
 * vowel letter and the e after the next consonant.
 *
 * <p>The text form separates units by a space and beats by " - ": {@code r:r a:'TRAP - bb:b i:KIT
 * t:t}.
 */
public final class Segmentation {
  /** Vowels that glide to a close: where r is not said after a vowel, a weak one stands for it. */
  private static final Pattern GLIDES = Pattern.compile("[ɪʊ]$|[iu]ː?$");

  private final String spelling;
  private final List<Unit> units;
  private final int[] starts;
  private final int[] silentE;
  private final int hash;

  private Segmentation(String spelling, List<Unit> units) {
    this.spelling = spelling;
    this.units = List.copyOf(units);
    this.starts = new int[units.size()];
    this.silentE = new int[units.size()];
    this.hash = spelling.hashCode() * 31 + units.size();
    place();
  }

  /**
   * Cuts a spelling.
   *
   * @throws Unacceptable when the units do not spell it
   */
  public static Segmentation of(String spelling, List<Unit> units) {
    return new Segmentation(spelling, units);
  }

  /** Spells units one after the other; the e of a split digraph follows the next unit. */
  public static Segmentation of(List<Unit> units) {
    StringBuilder text = new StringBuilder();
    int owed = -1;
    for (int i = 0; i < units.size(); i++) {
      text.append(units.get(i).grapheme().head());
      if (i == owed) {
        text.append('e');
      }
      owed = units.get(i).grapheme().isSplit() ? i + 1 : owed;
    }
    return of(text.toString(), units);
  }

  /** Reads the text form. */
  public static Segmentation parse(String spelling, String text) {
    return parse(spelling, text, new UnitReader());
  }

  static Segmentation parse(String spelling, String text, UnitReader units) {
    List<Unit> read = new ArrayList<>();
    boolean opens = true;
    int from = 0;
    while (from < text.length()) {
      int gap = text.indexOf(' ', from);
      String token = gap < 0 ? text.substring(from) : text.substring(from, gap);
      from = gap < 0 ? text.length() : gap + 1;
      if (token.equals("-")) {
        opens = true;
      } else {
        read.add(units.read(token, opens));
        opens = false;
      }
    }
    return of(spelling, read);
  }

  /** The text form; the reverse of {@link #parse}. */
  public String format() {
    StringBuilder text = new StringBuilder();
    for (int i = 0; i < units.size(); i++) {
      text.append(i == 0 ? "" : units.get(i).opensBeat() ? " - " : " ");
      text.append(units.get(i).format());
    }
    return text.toString();
  }

  public String spelling() {
    return spelling;
  }

  public List<Unit> units() {
    return units;
  }

  public int size() {
    return units.size();
  }

  public Unit unit(int index) {
    return units.get(index);
  }

  /** Index of the first letter of a unit. */
  public int start(int unit) {
    return starts[unit];
  }

  /** Index of the e of a split digraph, -1 for other units. */
  public int silentE(int unit) {
    return silentE[unit];
  }

  /** The unit that a letter belongs to. */
  public int unitAt(int letter) {
    for (int i = units.size() - 1; i >= 0; i--) {
      if (silentE[i] == letter) {
        return i;
      }
    }
    for (int i = units.size() - 1; i >= 0; i--) {
      if (starts[i] <= letter && letter < starts[i] + units.get(i).grapheme().headLength()) {
        return i;
      }
    }
    throw new IllegalArgumentException(spelling + " has no letter " + letter);
  }

  /** Whether no letter of a later unit and no later unit follows. */
  public boolean isLast(int unit) {
    return unit == units.size() - 1;
  }

  /** How many beats (syllables) the word has. */
  public int beats() {
    return (int) units.stream().filter(u -> u.sound().isVowel()).count();
  }

  /**
   * What a unit is in an accent, in IPA. A rhotic vowel before another vowel is followed by a
   * linking r in accents that do not sound it otherwise (story: ɔːr).
   */
  public String ipa(int unit, Accent accent) {
    return ipa(units, unit, accent);
  }

  /**
   * The same of units that are read one after the other; an r between a vowel and what is none is
   * not said where r is not sounded there.
   */
  public static String ipa(List<Unit> units, int unit, Accent accent) {
    String said = accent.say(units.get(unit).sound());
    if (said.equals("r") && !accent.rhotic() && !isOnset(units, unit)) {
      return unit > 0 && GLIDES.matcher(accent.say(units.get(unit - 1).sound())).find() ? "ə" : "";
    }
    boolean links =
        units.get(unit).sound().last().kind() == dettato.sound.Sound.Kind.RHOTIC
            && !accent.rhotic()
            && unit + 1 < units.size()
            && units.get(unit + 1).sound().first().isVowel();
    return links ? said + "r" : said;
  }

  /** Whether a vowel follows a unit, or none goes before it. */
  private static boolean isOnset(List<Unit> units, int unit) {
    boolean first = unit == 0 || !units.get(unit - 1).sound().last().isVowel();
    return first || unit + 1 < units.size() && units.get(unit + 1).sound().first().isVowel();
  }

  /** The whole word in IPA, without stress. */
  public String ipa(Accent accent) {
    return ipa(units, accent);
  }

  /** The same of units that are read one after the other. */
  public static String ipa(List<Unit> units, Accent accent) {
    StringBuilder said = new StringBuilder();
    for (int i = 0; i < units.size(); i++) {
      said.append(ipa(units, i, accent));
    }
    return said.toString();
  }

  /** The whole word as most hear it: of two sounds that have become one, always the same. */
  public String heard(Accent accent) {
    StringBuilder heard = new StringBuilder();
    for (Unit unit : units) {
      heard.append(accent.heard(unit.sound()));
    }
    return heard.toString();
  }

  private void place() {
    Arrays.fill(silentE, -1);
    int at = 0;
    int open = -1;
    for (int i = 0; i < units.size(); i++) {
      boolean mayClose = open >= 0 && i > open + 1;
      if (mayClose && at < spelling.length() && spelling.charAt(at) == 'e') {
        silentE[open] = at++;
        open = -1;
      }
      starts[i] = at;
      String head = units.get(i).grapheme().head();
      if (!spelling.startsWith(head, at)) {
        throw misspelt();
      }
      at += head.length();
      open = units.get(i).grapheme().isSplit() ? i : open;
    }
    if (open >= 0 && at < spelling.length() && spelling.charAt(at) == 'e') {
      silentE[open] = at++;
      open = -1;
    }
    if (open >= 0 || at != spelling.length()) {
      throw misspelt();
    }
  }

  private IllegalArgumentException misspelt() {
    return new Unacceptable(
        "units %s do not spell '%s'"
            .formatted(
                units.stream().map(u -> u.grapheme().text()).collect(Collectors.joining("·")),
                spelling));
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Segmentation s && s.spelling.equals(spelling) && s.units.equals(units);
  }

  @Override
  public int hashCode() {
    return hash;
  }

  @Override
  public String toString() {
    return format();
  }

  /**
   * The spelling with another grapheme at one unit: as much of a wrong spelling as that one place.
   */
  public String spelledWith(int unit, String grapheme) {
    return spelledWith(unit, unit, grapheme);
  }

  /** The spelling with one grapheme in place of several units. */
  public String spelledWith(int first, int last, String grapheme) {
    StringBuilder text = new StringBuilder();
    int owed = -1;
    for (int i = 0; i < size(); i = i == first ? last + 1 : i + 1) {
      String g = i == first ? grapheme : unit(i).grapheme().text();
      int gap = g.indexOf('_');
      text.append(gap < 0 ? g : g.substring(0, gap));
      if (gap > 0) {
        int e = silentE(i);
        owed = e < 0 ? i + 1 : unitAt(e - 1);
      }
      if (owed == i) {
        text.append('e');
        owed = -1;
      }
    }
    return text.toString();
  }
}

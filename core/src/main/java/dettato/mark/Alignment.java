package dettato.mark;

import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/**
 * Explains an attempt as the target's units at the least cost, by dynamic programming.
 *
 * <p>Source: Wagner and Fischer, "The String-to-String Correction Problem", J. ACM 21(1), 1974,
 * with the swap of Lowrance and Wagner, J. ACM 22(2), 1975; ours works on graphemes of one to four
 * letters, priced by {@code costs.tsv}, and a split digraph takes the consonants between its
 * letters along. What is as in the model at both ends is taken as it stands, but for {@link
 * #FIRM_START} and {@link #FIRM_END} units next to the difference, which may belong to it. Ties:
 * match, then split, swap, leave out, add. Time O(units × letters) of what differs. Not
 * thread-safe: one instance a call.
 */
final class Alignment {
  static final int MATCH = 0;
  static final int SPLIT = 1;
  static final int SWAP = 2;
  static final int MISSING = 3;
  static final int EXTRA = 4;
  static final int MERGED = 5;
  static final int AROUND = 6;

  /** No move at all: nothing is kept out. */
  static final long NO_MOVE = -1;

  private static final int FIRM_START = 2;
  private static final int FIRM_END = 1;
  private static final int FAR = Integer.MAX_VALUE / 2;
  private static final int LONGEST = 4;

  /** What one slip costs at most, and most attempts: tried first, since little is within it. */
  private static final int CHEAP = 14;

  private final Target target;
  private final UnitForms[] units;
  private final String letters;
  private final char[] text;
  private final ReadBack readBack;
  private final int firstUnit;
  private final int lastUnit;
  private final int firstLetter;
  private final int lastLetter;
  private final int lastE;
  private final int width;
  private final int[] cost;
  private final int[] from;
  private final long without;

  /**
   * @param without a move of another alignment's {@link #path} that this one may not take, or
   *     {@link #NO_MOVE}
   * @param place the one place that may be explained, or null for all that differs
   */
  Alignment(
      Target target, String letters, ReadBack readBack, long without, @Nullable OnePlace place) {
    this.target = target;
    this.without = without;
    this.units = target.units;
    this.letters = letters;
    this.text = letters.toCharArray();
    this.readBack = readBack;
    int same = sameStart();
    this.firstUnit =
        place == null
            ? target.cleanBefore(same, FIRM_START)
            : target.cleanBefore(place.firstUnit(), 0);
    this.firstLetter = target.start(firstUnit);
    this.lastUnit =
        place == null
            ? target.cleanAfter(sameEnd(same), FIRM_END)
            : target.cleanAfter(place.lastUnit(), 0);
    this.lastLetter = text.length - (target.length() - target.start(lastUnit));
    this.lastE = letters.lastIndexOf('e', lastLetter - 1);
    this.width = lastLetter - firstLetter + 1;
    this.cost = new int[(lastUnit - firstUnit + 1) * width];
    this.from = new int[cost.length];
    fill(CHEAP);
    if (points() > CHEAP) {
      fill(FAR - 1);
    }
  }

  /** Points of the cheapest explanation. */
  int points() {
    return cost[cost.length - 1];
  }

  /** The first unit that the moves explain; those before are as in the model. */
  int firstUnit() {
    return firstUnit;
  }

  /** The unit after the last that the moves explain; it and those after are as in the model. */
  int lastUnit() {
    return lastUnit;
  }

  /**
   * The moves of the cheapest explanation, last first, packed: read with {@link #kind}, {@link
   * #units}, {@link #letters} and {@link #inner}.
   */
  int[] movesLastFirst() {
    int[] moves = new int[lastUnit - firstUnit + width];
    int count = 0;
    for (int at = cost.length - 1; at > 0; ) {
      int move = from[at];
      moves[count++] = move;
      at -= units(move) * width + letters(move);
    }
    return Arrays.copyOf(moves, count);
  }

  /** The moves of the cheapest explanation that cost something, each with where it starts. */
  long[] path() {
    long[] path = new long[lastUnit - firstUnit + width];
    int count = 0;
    for (int at = cost.length - 1; at > 0; ) {
      int move = from[at];
      int start = at - units(move) * width - letters(move);
      if (cost[at] > cost[start]) {
        path[count++] = (long) start << 32 | move;
      }
      at = start;
    }
    return Arrays.copyOf(path, count);
  }

  private static int move(int kind, int units, int letters, int inner) {
    return kind | units << 3 | letters << 6 | inner << 12;
  }

  static int kind(int move) {
    return move & 7;
  }

  /** How many units the move explains. */
  static int units(int move) {
    return move >> 3 & 7;
  }

  /** How many letters the move takes. */
  static int letters(int move) {
    return move >> 6 & 63;
  }

  /** For a split: how many letters its first consonant has, and 16 if a second one follows. */
  static int inner(int move) {
    return move >> 12;
  }

  /** How many units, counted from the start, end where the attempt is still as the model. */
  private int sameStart() {
    String model = target.word.letters();
    int same = 0;
    int length = Math.min(model.length(), text.length);
    while (same < length && model.charAt(same) == text[same]) {
      same++;
    }
    int unit = 0;
    while (unit < units.length && target.start(unit + 1) <= same) {
      unit++;
    }
    return unit;
  }

  /** The first unit from which on the attempt ends as the model does, without going before one. */
  private int sameEnd(int notBefore) {
    String model = target.word.letters();
    int room = Math.min(model.length(), text.length) - target.start(notBefore);
    int same = 0;
    while (same < room && model.charAt(model.length() - 1 - same) == text[text.length - 1 - same]) {
      same++;
    }
    int unit = units.length;
    while (unit > notBefore && model.length() - target.start(unit - 1) <= same) {
      unit--;
    }
    return unit;
  }

  /** Follows only what costs no more than the limit; an explanation within it is the cheapest. */
  private void fill(int limit) {
    Arrays.fill(cost, FAR);
    cost[0] = 0;
    for (int unit = firstUnit; unit <= lastUnit; unit++) {
      for (int letter = firstLetter; letter <= lastLetter; letter++) {
        int at = (unit - firstUnit) * width + letter - firstLetter;
        if (cost[at] > limit) {
          continue;
        }
        if (unit < lastUnit) {
          if (letter < lastLetter) {
            match(unit, letter, at);
            marred(unit, letter, at);
          }
          if (letter < lastLetter && unit + 1 < lastUnit) {
            split(unit, letter, at);
            swap(unit, letter, at);
            merge(unit, letter, at);
          }
          if (letter < lastLetter && unit + 2 < lastUnit) {
            around(unit, letter, at);
          }
          relax(at, width, cost[at] + units[unit].missing, MISSING, 1, 0, 0);
        }
        if (letter < lastLetter) {
          boolean finalE = letter == text.length - 1 && letter == lastE;
          relax(at, 1, cost[at] + (finalE ? Costs.EXTRA_E : Costs.EXTRA), EXTRA, 0, 1, 0);
        }
      }
    }
  }

  /**
   * The letters of the unit's grapheme with one too many or one that is another, where they are no
   * grapheme themselves.
   */
  private void marred(int unit, int letter, int at) {
    String grapheme = units[unit].grapheme;
    int length = grapheme.length();
    if (Marred.isAdded(text, letter, lastLetter, grapheme)) {
      if (means(unit, letter, length + 1)) {
        return;
      }
      relax(at, width + length + 1, cost[at] + Costs.EXTRA, MATCH, 1, length + 1, 0);
    } else if (!units[unit].sound().isRun()
        && Marred.isChanged(text, letter, lastLetter, grapheme)) {
      relax(at, width + length, cost[at] + Costs.MARRED, MATCH, 1, length, 0);
    }
  }

  private boolean means(int unit, int letter, int length) {
    int packed = Form.pack(letters.substring(letter, letter + length));
    int form = packed == 0 ? 0 : units[unit].form(packed);
    return form != 0 && Form.verdict(form) != Verdict.OTHER;
  }

  private void match(int unit, int letter, int at) {
    UnitForms forms = units[unit];
    int packed = 0;
    int known = forms.longest(Form.letter(text[letter]));
    int longest = Math.min(Math.min(LONGEST, Math.max(1, known)), lastLetter - letter);
    for (int taken = 1; taken <= longest; taken++) {
      int code = Form.letter(text[letter + taken - 1]);
      packed = packed << 5 | code;
      int form = code == 0 ? 0 : forms.form(packed);
      if (form != 0 && !fits(unit, form, letter, taken)) {
        form = forms.formOutOfPlace(packed);
      }
      if (form != 0) {
        relax(at, width + taken, cost[at] + Form.points(form), MATCH, 1, taken, 0);
      } else if (taken == 1) {
        relax(at, width + 1, cost[at] + other(forms, letter), MATCH, 1, 1, 0);
      }
      if (code == 0) {
        return;
      }
    }
  }

  /** A letter that means nothing for the unit; the h of sh, ch or th means something before it. */
  private int other(UnitForms forms, int letter) {
    boolean digraph = letter > 0 && text[letter] == 'h' && "cstpw".indexOf(text[letter - 1]) >= 0;
    return digraph ? Costs.OTHER_IN_DIGRAPH : forms.other(text[letter]);
  }

  private boolean fits(int unit, int form, int letter, int taken) {
    return !Form.isOnlyInContext(form)
        || readBack.says(unit, letters.substring(letter, letter + taken), letter);
  }

  /** A vowel letter, the next unit's consonant, then e: a split digraph in the attempt. */
  private void split(int unit, int letter, int at) {
    UnitForms next = units[unit + 1];
    if (letter + 2 > lastE || next.vowel || !Form.isVowel(text[letter])) {
      return;
    }
    int form = units[unit].form(Form.letter(text[letter]) | Form.SPLIT);
    if (form == 0) {
      return;
    }
    int packed = 0;
    for (int taken = 1; taken <= 3 && letter + taken + 1 < lastLetter; taken++) {
      packed = packed << 5 | Form.letter(text[letter + taken]);
      int inner = next.form(packed);
      boolean added = !units[unit].unit.grapheme().isSplit();
      if (inner == 0 || added && taken > 1 && closes(letter + 1, taken)) {
        continue;
      }
      int soFar = cost[at] + Form.points(form) + Form.points(inner);
      if (text[letter + taken + 1] == 'e' && mayClose(unit, letter + taken + 2)) {
        relax(at, 2 * width + taken + 2, soFar, SPLIT, 2, taken + 2, taken);
      } else if (unit + 2 < lastUnit) {
        secondConsonant(unit + 2, letter + taken + 1, at, soFar, taken);
      }
    }
  }

  /**
   * Letters that show the vowel before them to be short: no e after them makes it long (kicket).
   */
  private boolean closes(int from, int length) {
    char first = text[from];
    char second = text[from + 1];
    return length == 3 || first == second || first == 'c' && second == 'k' || first == 'd';
  }

  /** No vowel letter follows a silent e, unless the model's own does so (likeable). */
  private boolean mayClose(int unit, int next) {
    return next == text.length || !Form.isVowel(text[next]) || target.word.cut().silentE(unit) >= 0;
  }

  private void secondConsonant(int unit, int letter, int at, int soFar, int first) {
    if (letter + 1 >= lastLetter || units[unit].vowel || text[letter + 1] != 'e') {
      return;
    }
    int form = units[unit].form(Form.letter(text[letter]));
    if (form != 0 && Form.verdict(form) == Verdict.EXACT) {
      relax(at, 3 * width + first + 3, soFar, SPLIT, 3, first + 3, first | 16);
    }
  }

  private void swap(int unit, int letter, int at) {
    String first = units[unit].grapheme;
    String second = units[unit + 1].grapheme;
    int taken = first.length() + second.length();
    if (letter + taken <= lastLetter
        && text[letter] == second.charAt(0)
        && text[letter + second.length()] == first.charAt(0)
        && !first.equals(second)
        && letters.startsWith(second, letter)
        && letters.startsWith(first, letter + second.length())) {
      relax(at, 2 * width + taken, cost[at] + Costs.SWAP, SWAP, 2, taken, second.length());
    }
  }

  /** Two consonants that changed places around the unit between them: saw for was. */
  private void around(int unit, int letter, int at) {
    if (units[unit].vowel || units[unit + 2].vowel) {
      return;
    }
    String first = units[unit].grapheme;
    String middle = units[unit + 1].grapheme;
    String last = units[unit + 2].grapheme;
    if (text[letter] == last.charAt(0)
        && !first.equals(last)
        && letters.startsWith(last, letter)
        && letters.startsWith(middle, letter + last.length())
        && letters.startsWith(first, letter + last.length() + middle.length())) {
      int taken = first.length() + middle.length() + last.length();
      if (letter + taken <= lastLetter) {
        int inner = last.length() | middle.length() << 4;
        relax(at, 3 * width + taken, cost[at] + Costs.SWAP_AROUND, AROUND, 3, taken, inner);
      }
    }
  }

  /** One grapheme for two units, such as x for /k/ and /s/. */
  private void merge(int unit, int letter, int at) {
    String grapheme = target.merged(unit);
    if (!grapheme.isEmpty()
        && letter + grapheme.length() <= lastLetter
        && letters.startsWith(grapheme, letter)) {
      int taken = grapheme.length();
      relax(at, 2 * width + taken, cost[at] + Costs.MERGED, MERGED, 2, taken, 0);
    }
  }

  private void relax(int at, int ahead, int points, int kind, int units, int taken, int inner) {
    int to = at + ahead;
    if (points < cost[to]) {
      int move = move(kind, units, taken, inner);
      if (without != NO_MOVE && without == ((long) at << 32 | move)) {
        return;
      }
      cost[to] = points;
      from[to] = move;
    }
  }
}

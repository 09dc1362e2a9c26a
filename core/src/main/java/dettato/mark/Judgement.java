package dettato.mark;

import dettato.rule.Opportunity;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** One attempt that differs from the model, judged from its cheapest explanation. */
final class Judgement {
  private final Target target;
  private final Lexicon lexicon;
  private final String attempt;
  private final Letters letters;
  private final String text;
  private final ReadBack readBack;

  private final UnitMark[] units;
  private final boolean[] says;
  private final List<Extra> extras = new ArrayList<>(2);
  private final List<Swap> swaps = new ArrayList<>(1);
  private final StringBuilder read = new StringBuilder();
  private final int points;

  Judgement(Target target, Lexicon lexicon, String attempt, Letters letters, int longest) {
    this.target = target;
    this.lexicon = lexicon;
    this.attempt = attempt;
    this.letters = letters;
    this.text =
        letters.text().length() > longest ? letters.text().substring(0, longest) : letters.text();
    this.readBack = new ReadBack(target, text);
    this.units = new UnitMark[target.units.length];
    this.says = new boolean[units.length];
    Alignment alignment = new Alignment(target, text, readBack);
    this.points = alignment.points();
    for (int i = 0; i < alignment.firstUnit(); i++) {
      asModel(i, target.start(i));
    }
    follow(alignment.movesLastFirst(), alignment.firstUnit());
    int shift = text.length() - target.length();
    for (int i = alignment.lastUnit(); i < units.length; i++) {
      asModel(i, target.start(i) + shift);
    }
    if (letters.text().length() > longest) {
      extras.add(new Extra(letters.text().substring(longest), units.length));
    }
  }

  Mark mark() {
    List<RuleMark> rules = new ArrayList<>(target.opportunities.size());
    for (Opportunity o : target.opportunities) {
      UnitMark unit = units[o.unit()];
      rules.add(new RuleMark(o, o.judge(unit.written(), unit.verdict().heard()), unit.written()));
    }
    Optional<Mark.RealWord> real = realWord();
    return new Mark(
        target.word,
        attempt,
        result(real),
        List.of(units),
        extras,
        swaps,
        rules,
        read.toString(),
        real,
        letters.oddities(),
        points);
  }

  private void asModel(int unit, int at) {
    set(unit, target.units[unit].grapheme, at);
  }

  private void follow(int[] moves, int firstUnit) {
    int unit = firstUnit;
    int letter = target.start(firstUnit);
    for (int i = moves.length - 1; i >= 0; i--) {
      int move = moves[i];
      switch (Alignment.kind(move)) {
        case Alignment.MATCH -> matched(unit, letter, letter + Alignment.letters(move));
        case Alignment.SPLIT -> split(unit, letter, Alignment.inner(move));
        case Alignment.SWAP -> swapped(unit, letter, Alignment.inner(move));
        case Alignment.MISSING -> missing(unit);
        default -> extra(unit, letter);
      }
      unit += Alignment.units(move);
      letter += Alignment.letters(move);
    }
  }

  private void matched(int unit, int from, int to) {
    set(unit, text.substring(from, to), from);
  }

  private void split(int unit, int letter, int inner) {
    set(unit, text.charAt(letter) + "_e", letter);
    int first = inner & 15;
    set(unit + 1, text.substring(letter + 1, letter + 1 + first), letter + 1);
    if (inner >> 4 > 0) {
      set(unit + 2, text.substring(letter + 1 + first, letter + 2 + first), letter + 1 + first);
    }
  }

  private void swapped(int unit, int letter, int secondLength) {
    String second = target.units[unit + 1].grapheme;
    String first = target.units[unit].grapheme;
    set(unit + 1, second, letter);
    set(unit, first, letter + secondLength);
    swaps.add(new Swap(unit, unit + 1));
  }

  private void missing(int unit) {
    String lost = AttemptMarker.lost(target, unit);
    units[unit] =
        new UnitMark("", Verdict.MISSING, lost.isEmpty() ? Optional.empty() : Optional.of(lost));
  }

  private void extra(int unit, int letter) {
    String written = text.substring(letter, letter + 1);
    Extra last = extras.isEmpty() ? null : extras.get(extras.size() - 1);
    if (last != null && last.before() == unit) {
      extras.set(extras.size() - 1, new Extra(last.written() + written, unit));
    } else {
      extras.add(new Extra(written, unit));
    }
    read.append(readBack.ipa(written, letter));
  }

  /** Judges one written grapheme where it stands. */
  private void set(int unit, String written, int at) {
    UnitForms forms = target.units[unit];
    says[unit] = readBack.says(unit, written, at);
    units[unit] =
        written.equals(forms.grapheme)
            ? target.exact[unit]
            : judged(forms, unit, written, forms.form(Form.pack(written)));
    boolean asModel = says[unit] || units[unit] == target.exact[unit] && !target.isRegular(unit);
    read.append(asModel ? target.ipa(unit) : readBack.ipa(written, at));
  }

  private UnitMark judged(UnitForms forms, int unit, String written, int form) {
    if (form == 0) {
      return new UnitMark(written, Verdict.OTHER, Optional.empty());
    }
    int settled =
        Form.verdict(form) == Verdict.ALTERNATIVE && !says[unit]
            ? outOfContext(forms, written, form)
            : form;
    String confusion = Form.confusion(settled);
    if (confusion.equals("swapped")) {
      swaps.add(new Swap(unit, unit));
    }
    return new UnitMark(
        written,
        Form.verdict(settled),
        confusion.isEmpty() ? Optional.empty() : Optional.of(confusion));
  }

  /**
   * A legal spelling of the sound that cannot be read so at this place is no alternative there: it
   * is what is left of the right grapheme, or a near sound's, or a vowel letter by its name. Where
   * a rule names the form (cit for kit) it stays an alternative.
   */
  private static int outOfContext(UnitForms forms, String written, int form) {
    if (forms.isDamaged(written)) {
      String name = forms.unit.grapheme().isSplit() ? "split-open" : "letters-missing";
      return Form.of(Verdict.PARTIAL, Costs.PARTIAL, name);
    }
    int near = forms.near(written);
    if (near != 0) {
      return near;
    }
    boolean letterName = forms.vowel && written.length() == 1;
    return letterName ? Form.of(Verdict.NEAR, Costs.NEAR, "letter-name") : form;
  }

  private Result result(Optional<Mark.RealWord> real) {
    if (real.isPresent() && real.get() == Mark.RealWord.HOMOPHONE) {
      return Result.READS_RIGHT;
    }
    boolean allHeard = extras.isEmpty() && swaps.isEmpty();
    boolean allLegal = true;
    for (UnitMark unit : units) {
      allHeard &= unit.verdict().heard();
      allLegal &= unit.verdict().represents();
    }
    if (!allHeard) {
      return Result.SOUND_ERROR;
    }
    return allLegal && readsRight() ? Result.READS_RIGHT : Result.READS_OTHERWISE;
  }

  /** A unit as the model has it counts as read right also where the rules fail the model itself. */
  private boolean readsRight() {
    for (int i = 0; i < units.length; i++) {
      if (!says[i] && (units[i].verdict() != Verdict.EXACT || target.isRegular(i))) {
        return false;
      }
    }
    return true;
  }

  private Optional<Mark.RealWord> realWord() {
    return lexicon
        .find(letters.text(), target.accent.id())
        .map(Word::cut)
        .map(cut -> target.soundsLike(cut) ? Mark.RealWord.HOMOPHONE : Mark.RealWord.ANOTHER);
  }
}

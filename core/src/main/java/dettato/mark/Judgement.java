package dettato.mark;

import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** One attempt that differs from the model, judged from its cheapest explanation. */
final class Judgement {
  private static final int LONGEST_ATTEMPT = 60;

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
  private final Alignment alignment;
  private final @Nullable OnePlace place;
  private final int points;
  private boolean rubbish;

  /**
   * Judges by the cheapest explanation; where one letter differs and that would blame others, by
   * the cheapest that keeps to its place. What reads right keeps its explanation (writea) where the
   * place has a part in it, and is told of that alone.
   */
  static Judgement of(Target target, Lexicon lexicon, String attempt, Letters letters) {
    Judgement cheapest = new Judgement(target, lexicon, attempt, letters, Alignment.NO_MOVE, null);
    return cheapest.blames(false) && !(cheapest.saysAll() && cheapest.blames(true))
        ? new Judgement(target, lexicon, attempt, letters, Alignment.NO_MOVE, cheapest.place)
        : cheapest;
  }

  /**
   * Judges by the cheapest explanation without one move.
   *
   * @param without a move of {@link Alignment#path}, or {@link Alignment#NO_MOVE}
   */
  Judgement(Target target, Lexicon lexicon, String attempt, Letters letters, long without) {
    this(target, lexicon, attempt, letters, without, null);
  }

  private Judgement(
      Target target,
      Lexicon lexicon,
      String attempt,
      Letters letters,
      long without,
      @Nullable OnePlace only) {
    this.target = target;
    this.lexicon = lexicon;
    this.attempt = attempt;
    this.letters = letters;
    this.text =
        letters.text().length() > LONGEST_ATTEMPT
            ? letters.text().substring(0, LONGEST_ATTEMPT)
            : letters.text();
    this.readBack = new ReadBack(target, text);
    this.units = new UnitMark[target.units.length];
    this.says = new boolean[units.length];
    this.alignment = new Alignment(target, text, readBack, without, only);
    this.place = OnePlace.of(target.word, letters.text());
    Swap across =
        without == Alignment.NO_MOVE && alignment.points() >= Costs.PARTIAL ? turned() : null;
    boolean moved =
        across == null && alignment.points() == 0 && !text.equals(target.word.letters());
    this.points = across == null && !moved ? alignment.points() : Costs.SWAP;
    if (across != null) {
      turned(across);
      return;
    }
    if (without == Alignment.NO_MOVE && target.isBaseAlone(text)) {
      baseAlone();
      return;
    }
    for (int i = 0; i < alignment.firstUnit(); i++) {
      asModel(i, target.start(i));
    }
    follow(alignment.movesLastFirst(), alignment.firstUnit());
    int shift = text.length() - target.length();
    for (int i = alignment.lastUnit(); i < units.length; i++) {
      asModel(i, target.start(i) + shift);
    }
    firstOfTwo();
    SilentEAlone.settle(target.word.cut(), units, extras);
    if (moved) {
      silentEMoved();
    }
    if (letters.text().length() > LONGEST_ATTEMPT) {
      extras.add(new Extra(letters.text().substring(LONGEST_ATTEMPT), units.length));
    }
    if (Rubbish.is(units, extras)) {
      asRubbish();
    } else if (extras.isEmpty() && swaps.isEmpty()) {
      InParts.read(target, text, units, says);
    }
  }

  Mark mark() {
    Optional<Word> other = otherWord();
    Optional<Mark.RealWord> real = other.map(target::comparedWith);
    boolean saysAll = saysAll();
    String alone = saysAll ? asModel() : readBack.whole();
    Result result = result(real, alone, saysAll || readsLikeTheModel(alone));
    String heard =
        other
            .map(w -> w.cut().ipa(target.accent))
            .orElseGet(() -> result == Result.READS_RIGHT ? asModel() : read(alone, saysAll));
    boolean legal = result == Result.READS_RIGHT && InventedWord.isLegal(target, units);
    List<RuleMark> rules =
        rubbish || legal || target.isTwin(text)
            ? Outcomes.untested(target)
            : Outcomes.of(target, units, text, place);
    return new Mark(
        target.word,
        attempt,
        legal ? Result.RIGHT : result,
        List.of(units),
        extras,
        swaps,
        rules,
        heard,
        real,
        letters.oddities(),
        rubbish ? List.of() : Outcomes.regularised(target, units),
        points);
  }

  /** Letters that changed places across units, where that explains all; or null. */
  private @Nullable Swap turned() {
    Swap neighbours = LetterSwap.across(target.word.cut(), text);
    boolean dear = alignment.points() > Costs.SWAP_AROUND;
    return neighbours == null && dear ? LetterSwap.jumbled(target.word.cut(), text) : neighbours;
  }

  /** Whether one letter differs, and a unit at its place, or one away from it, is told wrong. */
  private boolean blames(boolean atThePlace) {
    if (place == null) {
      return false;
    }
    for (int i = 0; i < units.length; i++) {
      if (units[i].verdict() != Verdict.EXACT && place.isAt(i, units[i]) == atThePlace) {
        return true;
      }
    }
    return false;
  }

  /** What was written for each unit. */
  List<UnitMark> units() {
    return List.of(units);
  }

  /** What the explanation costs. */
  int points() {
    return points;
  }

  /** The moves that explain what differs, and what they cost together. */
  Alignment alignment() {
    return alignment;
  }

  /** Letters one by one for the units, in order: they mean nothing. */
  private void asRubbish() {
    rubbish = true;
    extras.clear();
    swaps.clear();
    for (int i = 0; i < units.length; i++) {
      units[i] =
          i < text.length()
              ? new UnitMark(text.substring(i, i + 1), Verdict.OTHER, Optional.empty())
              : new UnitMark("", Verdict.MISSING, Optional.empty());
      says[i] = false;
    }
    if (letters.text().length() > units.length) {
      extras.add(new Extra(letters.text().substring(units.length), units.length));
    }
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
        case Alignment.AROUND -> around(unit, letter, Alignment.inner(move));
        case Alignment.MERGED -> merged(unit, letter, letter + Alignment.letters(move));
        case Alignment.MISSING -> missing(unit);
        default -> extra(unit, letter);
      }
      unit += Alignment.units(move);
      letter += Alignment.letters(move);
    }
  }

  private void matched(int unit, int from, int to) {
    String written = text.substring(from, to);
    int added = Marred.added(written, target.units[unit].grapheme);
    int form = added < 0 ? 0 : target.units[unit].form(Form.pack(written));
    if (added < 0 || form != 0 && Form.verdict(form) != Verdict.OTHER) {
      set(unit, written, from);
      return;
    }
    units[unit] = target.exact[unit];
    extras.add(new Extra(written.substring(added, added + 1), unit + 1));
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

  /** Two letters that changed places across the seam of two units: the word is all there. */
  private void turned(Swap across) {
    for (int i = 0; i < units.length; i++) {
      units[i] = target.exact[i];
    }
    swaps.add(across);
  }

  private void around(int unit, int letter, int inner) {
    int middle = letter + (inner & 15);
    set(unit + 2, target.units[unit + 2].grapheme, letter);
    set(unit + 1, target.units[unit + 1].grapheme, middle);
    set(unit, target.units[unit].grapheme, middle + (inner >> 4));
    swaps.add(new Swap(unit, unit + 2));
  }

  /** One grapheme that spells two units: x for ck and s. */
  private void merged(int unit, int from, int to) {
    units[unit] = new UnitMark(text.substring(from, to), Verdict.ALTERNATIVE, Optional.empty());
    units[unit + 1] = new UnitMark("", Verdict.ALTERNATIVE, Optional.empty());
    says[unit] = true;
    says[unit + 1] = true;
  }

  private void missing(int unit) {
    if (isOneWithNeighbour(unit)) {
      units[unit] = new UnitMark("", Verdict.ALTERNATIVE, Optional.empty());
      says[unit] = true;
      return;
    }
    if (target.isHardlySaid(unit) && !target.units[unit].sound().id().equals("lettER")) {
      units[unit] = new UnitMark("", Verdict.ALTERNATIVE, Optional.of("syllabic"));
      says[unit] = true;
      return;
    }
    String lost = Lost.name(target, unit, unit == 0 ? "" : units[unit - 1].written());
    units[unit] =
        new UnitMark("", Verdict.MISSING, lost.isEmpty() ? Optional.empty() : Optional.of(lost));
  }

  /** misspell: two parts meet in one sound, so that mispell leaves no sound out. */
  private boolean isOneWithNeighbour(int unit) {
    UnitForms here = target.units[unit];
    for (int other : new int[] {unit - 1, unit + 1}) {
      boolean there = other >= 0 && other < units.length;
      if (there && !here.vowel && target.units[other].sound().equals(here.sound())) {
        return true;
      }
    }
    return false;
  }

  /** likley: all units are there, but the silent e stands one letter too far. */
  private void silentEMoved() {
    for (int i = 0; i < units.length; i++) {
      int e = target.word.cut().silentE(i);
      if (e >= 0 && e + 1 < target.length() && (e >= text.length() || text.charAt(e) != 'e')) {
        swaps.add(new Swap(i, target.word.cut().unitAt(e + 1)));
        return;
      }
    }
  }

  /** glass for glasses: the base as it is, and nothing for the ending. */
  private void baseAlone() {
    for (int i = 0; i < units.length; i++) {
      if (i < target.word.endingUnit()) {
        asModel(i, target.start(i));
      } else {
        units[i] = new UnitMark("", Verdict.MISSING, Optional.empty());
      }
    }
  }

  /**
   * Where two parts meet in one letter, it is the first part that has lost its own, unless all of
   * it is there (oneess).
   */
  private void firstOfTwo() {
    for (int i = 1; i < units.length; i++) {
      boolean one =
          units[i].isSpelledByOther()
              && target.units[i - 1].sound().equals(target.units[i].sound());
      boolean there = place == null || place.isAt(i - 1, units[i - 1]);
      if (one && there && units[i - 1].verdict() == Verdict.EXACT && !target.units[i].vowel) {
        units[i - 1] = units[i];
        units[i] = target.exact[i];
      }
    }
  }

  private boolean hasShared() {
    for (UnitMark unit : units) {
      if (unit.isSpelledByOther()) {
        return true;
      }
    }
    return false;
  }

  /** The model's sounds, those that two parts share said once. */
  private String asModel() {
    if (!hasShared()) {
      return target.model.ipa;
    }
    StringBuilder said = new StringBuilder();
    for (int i = 0; i < units.length; i++) {
      boolean next =
          i + 1 < units.length && target.units[i + 1].sound().equals(target.units[i].sound());
      said.append(next && units[i].isSpelledByOther() ? "" : target.model.ipa(i));
    }
    return said.toString();
  }

  private void extra(int unit, int letter) {
    String written = text.substring(letter, letter + 1);
    Extra last = extras.isEmpty() ? null : extras.get(extras.size() - 1);
    if (last != null && last.before() == unit) {
      extras.set(extras.size() - 1, new Extra(last.written() + written, unit));
    } else {
      extras.add(new Extra(written, unit));
    }
  }

  /** Judges one written grapheme where it stands. */
  private void set(int unit, String written, int at) {
    UnitForms forms = target.units[unit];
    says[unit] = readBack.says(unit, written, at) || readBack.isAsIrregular(unit, written, at);
    units[unit] =
        written.equals(forms.grapheme)
            ? target.exact[unit]
            : judged(forms, unit, written, forms.form(Form.pack(written)));
  }

  private UnitMark judged(UnitForms forms, int unit, String written, int form) {
    if (form == 0 || Form.verdict(form) == Verdict.OTHER) {
      return Marred.isChanged(written, forms.grapheme)
          ? new UnitMark(written, Verdict.PARTIAL, Optional.of("letter-changed"))
          : new UnitMark(written, Verdict.OTHER, Optional.empty());
    }
    int settled = form;
    if (Form.verdict(form) == Verdict.ALTERNATIVE && !says[unit]) {
      settled = OutOfContext.form(forms, written, form, unit == units.length - 1);
    } else if (Form.verdict(form) == Verdict.NEAR && says[unit] && forms.mayBeSpelled(written)) {
      settled = Form.of(Verdict.ALTERNATIVE, Form.points(form), "");
    }
    String confusion = inPlace(unit, Form.confusion(settled));
    if (confusion.equals("swapped")) {
      swaps.add(new Swap(unit, unit));
    }
    if (target.isWeakLetter(unit, written) && Form.verdict(settled) == Verdict.NEAR) {
      says[unit] = true;
      return new UnitMark(written, Verdict.ALTERNATIVE, Optional.of("weak"));
    }
    boolean saidSo = written.equals("r") && target.isHardlySaid(unit);
    if (saidSo || confusion.equals("flap")) {
      says[unit] = true;
      return new UnitMark(
          written, Verdict.ALTERNATIVE, Optional.of(saidSo ? "syllabic" : confusion));
    }
    return new UnitMark(
        written,
        Form.verdict(settled),
        confusion.isEmpty() ? Optional.empty() : Optional.of(confusion));
  }

  /**
   * An l before a vowel does not sound like one: weg for leg is a matter of place. In America t and
   * d between vowels are said alike.
   */
  private String inPlace(int unit, String confusion) {
    if (confusion.equals("voicing") && target.isFlap(unit)) {
      return "flap";
    }
    boolean onset =
        unit + 1 < target.units.length && !target.units[unit].vowel && target.units[unit + 1].vowel;
    return onset && confusion.equals("l-as-vowel") ? "place" : confusion;
  }

  /**
   * A homophone reads right, and another real word reads as itself, whatever its letters may say. A
   * grapheme of the child's own that a stranger reads as it is meant reads right too (madjic).
   */
  private Result result(Optional<Mark.RealWord> real, String alone, boolean readsRight) {
    if (real.isPresent() && real.get() == Mark.RealWord.HOMOPHONE) {
      return Result.READS_RIGHT;
    }
    boolean allHeard = extras.isEmpty() && swaps.isEmpty();
    boolean allLegal = true;
    boolean madeUpOnly = true;
    for (UnitMark unit : units) {
      allHeard &= unit.verdict().heard();
      allLegal &= unit.verdict().represents();
      madeUpOnly &=
          unit.verdict().represents() || unit.confusion().filter("made-up"::equals).isPresent();
    }
    if (!allHeard) {
      return Result.SOUND_ERROR;
    }
    boolean readsAsAnother = real.isPresent();
    boolean legal = allLegal || madeUpOnly && alone.equals(target.model.ipa);
    return legal && !readsAsAnother && readsRight ? Result.READS_RIGHT : Result.READS_OTHERWISE;
  }

  /** Whether every unit may be read as due. */
  private boolean saysAll() {
    for (boolean one : says) {
      if (!one) {
        return false;
      }
    }
    return true;
  }

  /** What is read where it is not right: with letters too many or turned, all of it by rule. */
  private String read(String alone, boolean saysAll) {
    boolean changed = !extras.isEmpty() || !swaps.isEmpty() || rubbish;
    return saysAll && changed ? readBack.whole() : alone;
  }

  /**
   * Nor can a stranger tell it from the model, where the rules fail the model itself and its own
   * letters are there (danse).
   */
  private boolean readsLikeTheModel(String heard) {
    if (heard.equals(target.model.ipa)) {
      return true;
    }
    boolean own = true;
    for (int i = 0; i < units.length; i++) {
      own &= says[i] || units[i].verdict() == Verdict.EXACT;
    }
    return own && heard.equals(target.model.alone);
  }

  /** The real word that was written, if one was; an apostrophe may make it one. */
  private Optional<Word> otherWord() {
    String written = letters.oddities().contains("apostrophe") ? attempt.strip() : letters.text();
    return lexicon.find(written, target.accent.id()).filter(target::isNews);
  }
}

package dettato.mark;

import dettato.rule.Opportunity;
import dettato.rule.RuleBook;
import dettato.sound.Accent;
import dettato.word.Capitals;
import dettato.word.LetterMasks;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** Says a mark in plain sentences, one a fact, the deciding rule first. */
public final class Explanation {
  private final Mark mark;
  private final Accent accent;
  private final List<Fact> facts = new ArrayList<>();

  /** Units that a letter's own name spells. */
  private final Set<Integer> named = new HashSet<>();

  private Explanation(Mark mark, Accent accent) {
    this.mark = mark;
    this.accent = accent;
  }

  /** What an attempt shows, in an accent; empty when it is right or blank. */
  public static List<Fact> facts(Mark mark, Accent accent) {
    return new Explanation(mark, accent).all();
  }

  /** The sentences of {@link #facts}. */
  public static List<String> of(Mark mark, Accent accent) {
    return facts(mark, accent).stream().map(Fact::sentence).toList();
  }

  private List<Fact> all() {
    if (mark.result() == Result.BLANK) {
      return List.of();
    }
    if (mark.noMatch()) {
      boolean numeral = mark.attempt().chars().anyMatch(Character::isDigit);
      String why =
          numeral
              ? "%s is a numeral; the word was asked, in letters.".formatted(mark.attempt().strip())
              : "The letters cannot be matched to the word.";
      add(Fact.Kind.NO_MATCH, -1, "", why);
      realWord();
      return facts;
    }
    String base = IrregularPasts.regularised(mark.target().letters(), mark.attempt().strip());
    if (!base.isEmpty()) {
      String sentence = "%s is %s with -ed: the past changes inside, to %s, and must be known.";
      add(
          Fact.Kind.REGULARISED,
          -1,
          "past-ed",
          sentence.formatted(mark.attempt().strip(), base, word()));
      return facts;
    }
    letterNames();
    mark.rules().stream()
        .filter(r -> r.outcome().isFailure() && !named.contains(r.at().unit()))
        .forEach(this::rule);
    mark.regularised().forEach(this::regularised);
    for (int i = 0; i < mark.units().size() && mark.result() != Result.RIGHT; i++) {
      unit(i);
    }
    mark.extras().forEach(this::extra);
    mark.swaps().forEach(this::swap);
    mark.oddities().stream()
        .filter(o -> !o.equals("apostrophe") || !isCutShort())
        .forEach(o -> add(Fact.Kind.ODDITY, -1, o, oddity(o)));
    realWord();
    return facts;
  }

  /** A letter that stands for the two sounds of its own name (c for see, y for why). */
  private void letterNames() {
    for (int i = 0; i + 1 < mark.units().size(); i++) {
      String one = mark.units().get(i).written();
      String other = mark.units().get(i + 1).written();
      String letter = one + other;
      boolean alone = one.isEmpty() || other.isEmpty();
      if (alone
          && LetterNames.isNameOf(
              letter,
              mark.target().cut().unit(i).sound(),
              mark.target().cut().unit(i + 1).sound())) {
        named.add(i);
        named.add(i + 1);
        String said = sound(i) + sound(i + 1);
        add(
            Fact.Kind.SOUND,
            i,
            "letter-name",
            "%s stands for its own name, /%s/.".formatted(letter, said));
      }
    }
  }

  private void rule(RuleMark failure) {
    Opportunity at = failure.at();
    String why = capital(at.why());
    String end =
        failure.written().isEmpty()
            ? "; it is not written."
            : bends(at.unit(), failure.written())
                .map(said -> "; %s would make it /%s/.".formatted(failure.written(), said))
                .orElseGet(() -> "; written: %s.".formatted(failure.written()));
    add(Fact.Kind.RULE, at.unit(), failure.rule(), why + end);
  }

  /**
   * What the word would be read as with this one place changed, if that is another reading; a place
   * that changes nothing is not to blame for how the whole is read.
   */
  private Optional<String> bends(int unit, String written) {
    boolean right = mark.result() == Result.RIGHT || mark.result() == Result.READS_RIGHT;
    if (right || leansOnChanged(unit)) {
      return Optional.empty();
    }
    Word word = mark.target();
    ModelReading model = new ModelReading(word, accent);
    String changed = word.cut().spelledWith(unit, lastOf(unit), written);
    String said = Stranger.read(model, new LetterMasks(changed));
    boolean same = said.equals(model.ipa) || said.equals(model.alone);
    return same ? Optional.empty() : Optional.of(said);
  }

  /**
   * Whether a c or g beside it, which is hard or soft by its neighbour, was itself written
   * otherwise (dies for dice): the model's letter with the child's beside it is read as neither.
   */
  private boolean leansOnChanged(int unit) {
    return isChangedCOrG(unit - 1) || isChangedCOrG(unit + 1);
  }

  private boolean isChangedCOrG(int unit) {
    boolean there = unit >= 0 && unit < mark.units().size();
    return there
        && mark.units().get(unit).verdict() != Verdict.EXACT
        && grapheme(unit).matches(".*[cg].*");
  }

  /** The last unit that the letters written for this one spell: the l of camel in camle. */
  private int lastOf(int unit) {
    List<UnitMark> units = mark.units();
    boolean joined = unit + 1 < units.size() && isSpelledByOther(units.get(unit + 1));
    return joined && units.get(unit).verdict() == Verdict.ALTERNATIVE ? unit + 1 : unit;
  }

  private static boolean isSpelledByOther(UnitMark unit) {
    return unit.verdict() == Verdict.ALTERNATIVE
        && unit.written().isEmpty()
        && unit.confusion().isEmpty();
  }

  private void unit(int i) {
    UnitMark unit = mark.units().get(i);
    boolean told =
        named.contains(i)
            || facts.stream().anyMatch(f -> f.unit() == i)
            || mark.swaps().stream().anyMatch(s -> s.first() == i || s.second() == i)
            || isOfToldEnding(i)
            || isSpelledByOther(unit);
    if (told || unit.verdict() == Verdict.EXACT) {
      return;
    }
    add(Fact.Kind.SOUND, i, unit.confusion().orElse(""), sentence(i, unit));
  }

  private String sentence(int i, UnitMark unit) {
    if (unit.verdict() != Verdict.ALTERNATIVE || unit.confusion().isPresent()) {
      return Confusions.sentence(word(), grapheme(i), sound(i), unit);
    }
    if (i >= mark.target().endingUnit()) {
      return "%s can spell /%s/, but the ending is -%s."
          .formatted(unit.written(), sound(i), mark.target().join().orElseThrow().ending());
    }
    return bends(i, unit.written())
        .map(
            said ->
                "%s can spell /%s/, but not here: it would make it /%s/; %s has %s."
                    .formatted(unit.written(), sound(i), said, word(), grapheme(i)))
        .orElseGet(() -> Confusions.sentence(word(), grapheme(i), sound(i), unit));
  }

  /** The weak vowel of -tion, when the ending is told of already (stashun). */
  private boolean isOfToldEnding(int unit) {
    return facts.stream().anyMatch(f -> f.name().equals("tion") && f.unit() == unit - 1)
        && mark.units().get(unit).verdict() == Verdict.ALTERNATIVE;
  }

  private void extra(Extra extra) {
    String where =
        extra.before() == 0
            ? "at the start"
            : extra.before() == mark.units().size()
                ? "at the end"
                : "before " + grapheme(extra.before());
    String name = Slipped.name(mark, extra);
    String end =
        switch (name) {
          case "vowel-inserted" -> ": a vowel slipped in between two consonants.";
          case "glide" -> " is what is heard on the way from one vowel to the next.";
          case "said-already" -> ": the x says /s/ already.";
          default -> " stands for no sound of the word.";
        };
    add(Fact.Kind.EXTRA, -1, name, extra.written() + " " + where + end);
  }

  /** Whether what follows the word's apostrophe is left out with it. */
  private boolean isCutShort() {
    int after = mark.target().apostrophe();
    return after >= 0
        && mark.units().get(mark.target().cut().unitAt(after)).verdict() == Verdict.MISSING;
  }

  private String oddity(String name) {
    if (name.equals("small-letter")) {
      return word() + " is a name and has a capital.";
    }
    if (!name.equals("apostrophe")) {
      return "There is a " + name + " inside the word, which is one.";
    }
    return mark.target().lettersAfterApostrophe() < 0
        ? word() + " has no apostrophe."
        : word()
            + " has an apostrophe where letters are left out; written: "
            + mark.attempt().strip()
            + ".";
  }

  /** Whether two units stand each in the other's place, all else as it was. */
  private boolean isExchange(Swap swap) {
    StringBuilder exchanged = new StringBuilder();
    for (int i = 0; i < mark.units().size(); i++) {
      int from = i == swap.first() ? swap.second() : i == swap.second() ? swap.first() : i;
      exchanged.append(grapheme(from));
    }
    return exchanged.toString().equals(mark.attempt().strip().toLowerCase(Locale.ROOT));
  }

  private void swap(Swap swap) {
    boolean whole = swap.first() == 0 && swap.second() == mark.units().size() - 1;
    if (whole && swap.second() > 0 && !isExchange(swap)) {
      String said = "The letters of " + word() + " are all there, in another order.";
      add(Fact.Kind.SWAP, swap.first(), "swapped", said);
      return;
    }
    String which =
        swap.first() == swap.second()
            ? "The letters of " + grapheme(swap.first())
            : turned(swap) + grapheme(swap.first()) + " and " + grapheme(swap.second());
    add(Fact.Kind.SWAP, swap.first(), "swapped", which + " changed places.");
  }

  private String turned(Swap swap) {
    boolean whole = grapheme(swap.first()).length() == 1 && grapheme(swap.second()).length() == 1;
    return whole ? "" : "Letters of ";
  }

  /** Told at the unit where the word breaks the rule, so that nothing else is told of it. */
  private void regularised(Opportunity at) {
    add(
        Fact.Kind.REGULARISED,
        at.unit(),
        at.rule(),
        "%s is an exception to the rule %s: it has %s, which must be known by word; written: %s."
            .formatted(
                word(),
                RuleBook.of(at.rule()).about().name(),
                grapheme(at.unit()),
                mark.units().get(at.unit()).written()));
  }

  private void realWord() {
    mark.realWord()
        .ifPresent(r -> add(Fact.Kind.REAL_WORD, -1, r.name(), mark.attempt().strip() + said(r)));
  }

  private String said(Mark.RealWord real) {
    boolean twin =
        mark.target()
            .region()
            .filter(r -> r.twin().equalsIgnoreCase(mark.attempt().strip()))
            .isPresent();
    if (twin) {
      boolean british = mark.target().region().orElseThrow().country().equals("GB");
      return " is how it is spelled in " + (british ? "America." : "Britain.");
    }
    return real == Mark.RealWord.HOMOPHONE
        ? " is another word that sounds the same."
        : " is another word.";
  }

  private String word() {
    return Capitals.written(mark.target().spelling());
  }

  private String grapheme(int unit) {
    return mark.target().cut().unit(unit).grapheme().text();
  }

  private String sound(int unit) {
    return mark.target().cut().ipa(unit, accent);
  }

  private void add(Fact.Kind kind, int unit, String name, String sentence) {
    facts.add(new Fact(kind, unit, name, sentence));
  }

  private static String capital(String text) {
    return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
  }
}

package dettato.mark;

import dettato.rule.Opportunity;
import dettato.rule.Outcome;
import dettato.rule.RuleBook;
import dettato.sound.Accent;
import java.util.ArrayList;
import java.util.List;

/** Says a mark in plain sentences, one a fact, the deciding rule first. */
public final class Explanation {
  private final Mark mark;
  private final Accent accent;
  private final List<Fact> facts = new ArrayList<>();

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
      add(Fact.Kind.NO_MATCH, -1, "", "The letters cannot be matched to the word.");
      realWord();
      return facts;
    }
    mark.rules().stream().filter(Explanation::failed).forEach(this::rule);
    for (int i = 0; i < mark.units().size() && mark.result() != Result.RIGHT; i++) {
      unit(i);
    }
    mark.extras().forEach(this::extra);
    mark.swaps().forEach(this::swap);
    mark.regularised().forEach(this::regularised);
    mark.oddities()
        .forEach(
            o ->
                add(
                    Fact.Kind.ODDITY,
                    -1,
                    o,
                    "There is a " + o + " inside the word, which is one."));
    realWord();
    return facts;
  }

  private void rule(RuleMark failure) {
    Opportunity at = failure.at();
    String why = capital(at.why());
    String end =
        failure.written().isEmpty()
            ? "; it is not written."
            : mark.result() == Result.READS_OTHERWISE
                ? "; %s would make it /%s/.".formatted(failure.written(), mark.readsAs())
                : "; written: %s.".formatted(failure.written());
    add(Fact.Kind.RULE, at.unit(), failure.rule(), why + end);
  }

  private void unit(int i) {
    UnitMark unit = mark.units().get(i);
    boolean told =
        facts.stream().anyMatch(f -> f.unit() == i)
            || mark.swaps().stream().anyMatch(s -> s.first() == i || s.second() == i)
            || unit.verdict() == Verdict.ALTERNATIVE && unit.written().isEmpty();
    if (told || unit.verdict() == Verdict.EXACT) {
      return;
    }
    add(
        Fact.Kind.SOUND,
        i,
        unit.confusion().orElse(""),
        Confusions.sentence(mark.target().spelling(), grapheme(i), sound(i), unit));
  }

  private void extra(Extra extra) {
    String where =
        extra.before() == 0
            ? "at the start"
            : extra.before() == mark.units().size()
                ? "at the end"
                : "before " + grapheme(extra.before());
    boolean vowel = extra.written().matches("[aeiou]") && between(extra.before());
    add(
        Fact.Kind.EXTRA,
        -1,
        vowel ? "vowel-inserted" : "",
        vowel
            ? "A vowel slipped in between two consonants: " + extra.written() + " " + where + "."
            : extra.written() + " " + where + " stands for no sound of the word.");
  }

  private boolean between(int unit) {
    return unit > 0
        && unit < mark.units().size()
        && !mark.target().cut().unit(unit - 1).sound().isVowel()
        && !mark.target().cut().unit(unit).sound().isVowel();
  }

  private void swap(Swap swap) {
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

  private void regularised(String rule) {
    add(
        Fact.Kind.REGULARISED,
        -1,
        rule,
        "%s is an exception to the rule %s, which the attempt keeps."
            .formatted(mark.target().spelling(), RuleBook.of(rule).about().name()));
  }

  private void realWord() {
    mark.realWord()
        .ifPresent(
            r ->
                add(
                    Fact.Kind.REAL_WORD,
                    -1,
                    r.name(),
                    r == Mark.RealWord.HOMOPHONE
                        ? mark.attempt().strip() + " is another word that sounds the same."
                        : mark.attempt().strip() + " is another word."));
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

  private static boolean failed(RuleMark rule) {
    return rule.outcome() == Outcome.UNDER || rule.outcome() == Outcome.OVER;
  }

  private static String capital(String text) {
    return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
  }
}

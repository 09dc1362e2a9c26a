package dettato.app.marking;

import com.fasterxml.jackson.annotation.JsonInclude;
import dettato.app.terms.Prose;
import dettato.engine.Engine;
import dettato.explain.Explanation;
import dettato.explain.Praise;
import dettato.mark.Certainty;
import dettato.mark.Extra;
import dettato.mark.Mark;
import dettato.mark.RuleMark;
import dettato.mark.UnitMark;
import dettato.mark.Verdict;
import dettato.rule.Outcome;
import dettato.rule.RuleBook;
import dettato.sound.Accent;
import dettato.word.Segmentation;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A mark as the API shows it. What explains it is asked for apart, since it costs several times as
 * much.
 *
 * @param swapped pairs of unit indices whose letters changed places; twice the same when both
 *     letters are in one unit
 * @param readsAs IPA between slashes
 * @param reads the same in the signs of the class; left out of the mark alone
 * @param realWord HOMOPHONE or ANOTHER when another word of the lexicon was written
 * @param facts what the attempt shows, each told once, the cause to speak of first
 * @param well what went well; "" where nothing can be said
 * @param confidence how often an explanation as clear as this is the right one, in [0, 1]
 * @param rivals other explanations that are nearly as good, the nearest first
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record MarkView(
    String target,
    String attempt,
    String result,
    List<UnitMarkView> units,
    List<Extra> extra,
    List<List<Integer>> swapped,
    List<RuleMarkView> rules,
    String readsAs,
    @Prose @Nullable String reads,
    @Nullable String realWord,
    List<String> oddities,
    @Nullable List<FactView> facts,
    @Prose @Nullable String well,
    @Nullable Double confidence,
    @Nullable List<RivalMark> rivals) {

  /** One unit of the target and what was written for it. */
  public record UnitMarkView(
      String phoneme,
      String grapheme,
      String written,
      Verdict verdict,
      @Nullable String confusion) {}

  /**
   * One place where a rule decides.
   *
   * @param name what the rule is called; left out of the mark alone, as {@code why} is
   * @param why the condition, with the very letters
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record RuleMarkView(
      String rule,
      String condition,
      Outcome outcome,
      int unit,
      String written,
      @Prose @Nullable String name,
      @Prose @Nullable String why) {}

  /** Another explanation of the same letters. */
  public record RivalMark(List<UnitMarkView> units, @Prose List<String> sentences) {}

  /** The mark alone. */
  static MarkView plain(Mark mark, String target, Accent accent) {
    return view(mark, target, accent, null, null, null);
  }

  /** The mark with its facts, how sure it is, and its rivals. */
  static MarkView explained(Mark mark, String target, Engine engine) {
    Accent accent = engine.accent();
    Certainty certainty = engine.marker().certainty(mark);
    return view(
        mark,
        target,
        accent,
        Explanation.facts(mark, accent).stream().map(FactView::of).toList(),
        certainty.confidence(),
        certainty.rivals().stream()
            .map(r -> new RivalMark(units(r, accent), Explanation.of(r, accent)))
            .toList());
  }

  private static MarkView view(
      Mark mark,
      String target,
      Accent accent,
      @Nullable List<FactView> facts,
      @Nullable Double confidence,
      @Nullable List<RivalMark> rivals) {
    return new MarkView(
        target,
        mark.attempt(),
        mark.result().name(),
        units(mark, accent),
        mark.extras(),
        mark.swaps().stream().map(s -> List.of(s.first(), s.second())).toList(),
        mark.rules().stream().map(r -> rule(r, facts != null)).toList(),
        "/" + mark.readsAs() + "/",
        facts == null ? null : "/" + mark.readsAs() + "/",
        mark.realWord().map(Enum::name).orElse(null),
        mark.oddities(),
        facts,
        facts == null ? null : Praise.of(mark),
        confidence,
        rivals);
  }

  private static RuleMarkView rule(RuleMark mark, boolean told) {
    return new RuleMarkView(
        mark.rule(),
        mark.at().condition().id(),
        mark.outcome(),
        mark.at().unit(),
        mark.written(),
        told ? RuleBook.of(mark.rule()).about().name() : null,
        told ? mark.at().why() : null);
  }

  private static List<UnitMarkView> units(Mark mark, Accent accent) {
    Segmentation cut = mark.target().cut();
    return IntStream.range(0, cut.size())
        .mapToObj(i -> unit(cut, i, mark.units().get(i), accent))
        .toList();
  }

  private static UnitMarkView unit(Segmentation cut, int i, UnitMark mark, Accent accent) {
    return new UnitMarkView(
        cut.ipa(i, accent),
        cut.unit(i).grapheme().text(),
        mark.written(),
        mark.verdict(),
        mark.confusion().orElse(null));
  }
}

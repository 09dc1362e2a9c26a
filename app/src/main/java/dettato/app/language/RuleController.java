package dettato.app.language;

import dettato.app.engine.Engines;
import dettato.app.terms.Prose;
import dettato.engine.Engine;
import dettato.rule.Condition;
import dettato.rule.ConditionFigures;
import dettato.rule.RuleBook;
import dettato.rule.RuleFigures;
import dettato.rule.Side;
import dettato.rule.SpellingRule;
import dettato.word.Capitals;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The rule catalogue with live figures. */
@RestController
@RequiredArgsConstructor
class RuleController {
  private static final int SHOWN = 12;
  private final Engines engines;

  record RuleView(
      String id,
      @Prose String name,
      @Prose String says,
      @Prose String saysToChild,
      @Prose String reason,
      boolean weak,
      boolean joins,
      List<String> contrast,
      int holds,
      int total,
      List<String> due,
      List<String> notDue,
      List<String> exceptions,
      List<ConditionView> conditions) {}

  /**
   * One ground on which a rule decides.
   *
   * @param holds how many words of it do as it says, of {@code total}
   * @param examples words that do, commonest first
   */
  record ConditionView(
      String id,
      Side side,
      @Prose String says,
      @Prose String forChild,
      int holds,
      int total,
      List<String> exceptions,
      List<String> examples) {}

  /** The spelling rules with their conditions, how often each holds, and where it does not. */
  @GetMapping("/api/rules")
  List<RuleView> rules(@RequestParam(defaultValue = "en-GB") String accent) {
    Engine engine = engines.of(accent);
    return RuleBook.RULES.stream().map(r -> view(r, engine.figures(r.id()))).toList();
  }

  private static RuleView view(SpellingRule rule, RuleFigures figures) {
    return new RuleView(
        rule.id(),
        rule.about().name(),
        rule.about().says(),
        rule.about().saysToChild(),
        rule.about().reason(),
        rule.isWeak(),
        RuleBook.joins(rule.id()),
        List.of(rule.about().special(), rule.about().plain()),
        figures.holds(),
        figures.total(),
        shown(figures.due()),
        shown(figures.notDue()),
        shown(figures.exceptions()),
        figures.conditions().stream().map(RuleController::view).toList());
  }

  private static ConditionView view(ConditionFigures figures) {
    Condition condition = figures.condition();
    return new ConditionView(
        condition.id(),
        condition.side(),
        condition.says(),
        condition.forChild(),
        figures.words().size(),
        figures.total(),
        shown(figures.exceptions()),
        shown(figures.words()));
  }

  private static List<String> shown(List<String> words) {
    return words.stream().limit(SHOWN).map(Capitals::written).toList();
  }
}

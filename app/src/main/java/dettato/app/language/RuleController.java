package dettato.app.language;

import dettato.rule.RuleBook;
import dettato.rule.RuleFigures;
import dettato.rule.SpellingRule;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The rule catalogue with live figures. */
@RestController
class RuleController {
  private static final int SHOWN = 12;
  private final Languages languages;

  RuleController(Languages languages) {
    this.languages = languages;
  }

  record RuleView(
      String id,
      String name,
      String says,
      String saysToChild,
      String reason,
      boolean weak,
      List<String> contrast,
      int holds,
      int total,
      List<String> due,
      List<String> notDue,
      List<String> exceptions) {}

  @GetMapping("/api/rules")
  List<RuleView> rules(@RequestParam(defaultValue = "en-GB") String accent) {
    Language language = languages.of(accent);
    return RuleBook.RULES.stream().map(r -> view(r, language.figures(r.id()))).toList();
  }

  private static RuleView view(SpellingRule rule, RuleFigures figures) {
    return new RuleView(
        rule.id(),
        rule.about().name(),
        rule.about().says(),
        rule.about().saysToChild(),
        rule.about().reason(),
        rule.isWeak(),
        List.of(rule.about().special(), rule.about().plain()),
        figures.holds(),
        figures.total(),
        figures.due().stream().limit(SHOWN).toList(),
        figures.notDue().stream().limit(SHOWN).toList(),
        figures.exceptions().stream().limit(SHOWN).toList());
  }
}

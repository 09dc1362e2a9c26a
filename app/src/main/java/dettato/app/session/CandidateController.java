package dettato.app.session;

import dettato.app.account.Teacher;
import dettato.app.language.Language;
import dettato.app.language.Languages;
import dettato.app.language.UnitView;
import dettato.app.school.Classes;
import dettato.app.school.SchoolClass;
import dettato.plan.Choice;
import dettato.rule.Side;
import dettato.session.BlockBook;
import dettato.session.Item;
import dettato.session.Request;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Set;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What may go into a block: words that fit a rule, and items of any kind, filled anew. */
@RestController
class CandidateController {
  private static final int SHOWN = 40;
  private final Classes classes;
  private final Languages languages;
  private final BlockBook book;

  CandidateController(Classes classes, Languages languages, BlockBook book) {
    this.classes = classes;
    this.languages = languages;
    this.book = book;
  }

  /** A word that fits a rule, with the reason. */
  record Candidate(
      String word,
      List<UnitView> units,
      Side side,
      String due,
      int focus,
      String why,
      List<String> untaught) {}

  record Candidates(List<Candidate> words, int total) {}

  /**
   * @param without texts not to be taken
   */
  record WantedItems(
      @NotBlank String kind,
      @NotEmpty List<@Valid @NotNull FocusView> focus,
      @Min(1) @Max(40) int count,
      @NotNull Set<@NotNull String> without,
      long seed) {}

  @GetMapping("/api/classes/{id}/candidates")
  Candidates candidates(
      @PathVariable long id,
      @RequestParam String rule,
      @RequestParam(defaultValue = "true") boolean taught,
      @RequestParam(defaultValue = "0") int beats,
      @AuthenticationPrincipal Teacher teacher) {
    SchoolClass of = classes.find(id, teacher);
    Language language = languages.of(of.accent());
    List<Choice> fitting =
        language.chooser().candidates(rule, of.step()).stream()
            .filter(c -> !taught || c.isTaught())
            .filter(c -> beats == 0 || c.word().cut().beats() == beats)
            .toList();
    return new Candidates(
        fitting.stream().limit(SHOWN).map(c -> view(c, language)).toList(), fitting.size());
  }

  /** Items for a block, in an order nobody can guess. */
  @PostMapping("/api/classes/{id}/fill")
  List<String> fill(
      @PathVariable long id,
      @RequestBody @Valid WantedItems wanted,
      @AuthenticationPrincipal Teacher teacher) {
    SchoolClass of = classes.find(id, teacher);
    Request request =
        new Request(
            wanted.focus().stream().map(FocusView::focus).toList(),
            wanted.count(),
            wanted.without(),
            wanted.seed());
    return book
        .of(wanted.kind())
        .fill(request, languages.of(of.accent()).material(of.step()))
        .stream()
        .map(Item::text)
        .toList();
  }

  private static Candidate view(Choice choice, Language language) {
    return new Candidate(
        choice.word().spelling(),
        UnitView.of(choice.word().cut(), language.accent()),
        choice.side(),
        choice.word().cut().unit(choice.at().unit()).grapheme().text(),
        choice.at().unit(),
        choice.at().why(),
        choice.untaught());
  }
}

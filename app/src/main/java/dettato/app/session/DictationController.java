package dettato.app.session;

import dettato.app.account.Teacher;
import dettato.app.language.Language;
import dettato.app.language.Languages;
import dettato.app.language.UnitView;
import dettato.app.marking.Attempts;
import dettato.app.school.Classes;
import dettato.app.school.SchoolClass;
import dettato.plan.Choice;
import dettato.plan.WordChooser;
import dettato.rule.Side;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Dictations, the words that may go into them, and attempts as they are typed. */
@RestController
class DictationController {
  private static final int SHOWN = 40;
  private final Dictations dictations;
  private final Classes classes;
  private final Languages languages;

  DictationController(Dictations dictations, Classes classes, Languages languages) {
    this.dictations = dictations;
    this.classes = classes;
    this.languages = languages;
  }

  record Sent(
      @NotNull LocalDate date, @NotNull @Size(min = 1, max = 20) List<@NotNull String> words) {}

  record NewDictation(@NotNull LocalDate date, @NotBlank String rule) {}

  record Plan(
      @NotBlank String rule,
      @NotNull @Size(max = 300) String sentence,
      @NotNull List<@NotNull String> words) {}

  record NextState(@NotNull Dictations.State state) {}

  record Typed(
      long pupilId,
      long itemId,
      @NotNull @Size(max = 200) String written,
      @NotNull Attempts.State state) {}

  record Wanted(
      @NotBlank String rule,
      @Min(1) @Max(20) int count,
      boolean easiestFirst,
      @NotNull Set<@NotNull String> without,
      long seed) {}

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

  @GetMapping("/api/classes/{id}/dictations")
  List<Dictations.Summary> all(@PathVariable long id, @AuthenticationPrincipal Teacher teacher) {
    return dictations.of(classes.find(id, teacher));
  }

  @PostMapping("/api/classes/{id}/dictations")
  @ResponseStatus(HttpStatus.CREATED)
  Dictations.Dictation plan(
      @PathVariable long id,
      @RequestBody @Valid NewDictation made,
      @AuthenticationPrincipal Teacher teacher) {
    return dictations.plan(classes.find(id, teacher), made.date(), made.rule());
  }

  /** Adds words to the dictation of a day; plans one when there is none. */
  @PostMapping("/api/classes/{id}/dictations/words")
  Dictations.Dictation send(
      @PathVariable long id,
      @RequestBody @Valid Sent sent,
      @AuthenticationPrincipal Teacher teacher) {
    return dictations.send(classes.find(id, teacher), sent.date(), sent.words());
  }

  @GetMapping("/api/dictations/{id}")
  Dictations.Dictation one(@PathVariable long id, @AuthenticationPrincipal Teacher teacher) {
    return dictations.find(id, teacher);
  }

  @PutMapping("/api/dictations/{id}")
  Dictations.Dictation rewrite(
      @PathVariable long id,
      @RequestBody @Valid Plan plan,
      @AuthenticationPrincipal Teacher teacher) {
    return dictations.rewrite(id, plan.rule(), plan.sentence(), plan.words(), teacher);
  }

  @PutMapping("/api/dictations/{id}/state")
  Dictations.Dictation become(
      @PathVariable long id,
      @RequestBody @Valid NextState next,
      @AuthenticationPrincipal Teacher teacher) {
    return dictations.become(id, next.state(), teacher);
  }

  @PutMapping("/api/dictations/{id}/attempts")
  Attempts.Cell type(
      @PathVariable long id,
      @RequestBody @Valid Typed typed,
      @AuthenticationPrincipal Teacher teacher) {
    return dictations.save(
        id, typed.pupilId(), typed.itemId(), typed.written(), typed.state(), teacher);
  }

  @DeleteMapping("/api/dictations/{id}/attempts/{pupilId}/{itemId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void clear(
      @PathVariable long id,
      @PathVariable long pupilId,
      @PathVariable long itemId,
      @AuthenticationPrincipal Teacher teacher) {
    dictations.clear(id, pupilId, itemId, teacher);
  }

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

  @PostMapping("/api/classes/{id}/choose")
  List<Candidate> choose(
      @PathVariable long id,
      @RequestBody @Valid Wanted wanted,
      @AuthenticationPrincipal Teacher teacher) {
    SchoolClass of = classes.find(id, teacher);
    Language language = languages.of(of.accent());
    WordChooser.Request request =
        new WordChooser.Request(
            wanted.rule(),
            wanted.count(),
            of.step(),
            wanted.easiestFirst(),
            wanted.without(),
            wanted.seed());
    return language.chooser().choose(request).stream().map(c -> view(c, language)).toList();
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

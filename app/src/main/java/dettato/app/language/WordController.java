package dettato.app.language;

import dettato.app.web.Problem;
import dettato.rule.Opportunity;
import dettato.rule.RuleBook;
import dettato.word.Segmentation;
import dettato.word.Word;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Words: one with its cut, or a list by rule, grapheme, sound and position. */
@RestController
class WordController {
  private static final int MOST = 1000;
  private final Languages languages;

  WordController(Languages languages) {
    this.languages = languages;
  }

  /** Where a unit stands in its word. */
  enum Position {
    START,
    MIDDLE,
    END
  }

  enum Source {
    LEXICON,
    GUESS
  }

  record WordView(
      String spelling, List<UnitView> units, List<String> rules, Source source, String clue) {}

  record WordList(List<WordView> words, int total) {}

  @GetMapping("/api/words/{spelling}")
  WordView word(
      @PathVariable String spelling, @RequestParam(defaultValue = "en-GB") String accent) {
    Language language = languages.of(accent);
    Optional<Word> known = language.find(spelling.strip());
    return view(
        known.orElseGet(() -> language.word(spelling)),
        language,
        known.isPresent() ? Source.LEXICON : Source.GUESS);
  }

  @GetMapping("/api/words")
  WordList words(
      @RequestParam(defaultValue = "") String rule,
      @RequestParam(defaultValue = "") String grapheme,
      @RequestParam(defaultValue = "") String sound,
      @RequestParam(required = false) Optional<Position> position,
      @RequestParam(defaultValue = "en-GB") String accent,
      @RequestParam(defaultValue = "50") int limit) {
    if (limit < 0 || limit > MOST) {
      throw Problem.badRequest("limit is " + limit + "; it must be from 0 to " + MOST + ".");
    }
    if (!rule.isEmpty()) {
      RuleBook.of(rule);
    }
    Language language = languages.of(accent);
    List<Word> found =
        language.words().stream()
            .filter(w -> w.use() == Word.Use.CHOOSE)
            .filter(w -> fits(w, language, rule, grapheme, sound, position))
            .toList();
    return new WordList(
        found.stream().limit(limit).map(w -> view(w, language, Source.LEXICON)).toList(),
        found.size());
  }

  private static boolean fits(
      Word word,
      Language language,
      String rule,
      String grapheme,
      String sound,
      Optional<Position> position) {
    Segmentation cut = word.cut();
    IntPredicate unit =
        i ->
            (grapheme.isEmpty() || cut.unit(i).grapheme().text().equals(grapheme))
                && (sound.isEmpty() || cut.ipa(i, language.accent()).equals(sound))
                && position.map(p -> stands(p, i, cut.size())).orElse(true);
    boolean byUnit = IntStream.range(0, cut.size()).anyMatch(unit);
    return byUnit && (rule.isEmpty() || rules(word).contains(rule));
  }

  private static boolean stands(Position position, int unit, int size) {
    return switch (position) {
      case START -> unit == 0;
      case MIDDLE -> unit > 0 && unit < size - 1;
      case END -> unit == size - 1;
    };
  }

  private static List<String> rules(Word word) {
    return RuleBook.opportunities(word).stream().map(Opportunity::rule).distinct().toList();
  }

  private static WordView view(Word word, Language language, Source source) {
    return new WordView(
        word.spelling().toLowerCase(Locale.ROOT),
        UnitView.of(word.cut(), language.accent()),
        rules(word),
        source,
        word.clue());
  }
}

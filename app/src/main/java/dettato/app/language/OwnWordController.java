package dettato.app.language;

import dettato.app.account.Teacher;
import dettato.app.engine.Engines;
import dettato.app.engine.OwnWords;
import dettato.engine.Engine;
import dettato.sound.Accent;
import dettato.word.OwnCut;
import dettato.word.Word;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Locale;
import lombok.RequiredArgsConstructor;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The school's own words. */
@RestController
@RequiredArgsConstructor
class OwnWordController {
  private final OwnWords own;
  private final Engines engines;

  /**
   * A word to keep.
   *
   * @param units what each grapheme says, in IPA of the accent
   * @param choose whether it may be proposed to a class
   */
  record OwnWord(
      @NotNull @Size(min = 1, max = 40) List<@NotNull @Valid UnitView> units,
      @NotNull @Size(max = 200) String clue,
      boolean choose) {}

  /** The school's own words. */
  @GetMapping("/api/own-words")
  List<WordView> all(@RequestParam(defaultValue = "en-GB") String accent) {
    Engine engine = engines.of(accent);
    return own.all().stream().map(w -> WordView.of(w, engine, WordView.Source.LEXICON)).toList();
  }

  /** Keeps a word as the school cuts it, with its clue. */
  @PutMapping("/api/own-words/{spelling}")
  WordView keep(
      @PathVariable @Size(min = 1, max = 40) String spelling,
      @RequestParam(defaultValue = "en-GB") String accent,
      @RequestBody @Valid OwnWord made,
      @AuthenticationPrincipal Teacher teacher) {
    teacher.mustLead("change the school's words");
    String letters = spelling.strip().toLowerCase(Locale.ROOT);
    Accent spoken = engines.of(accent).accent();
    List<OwnCut.Cell> cells =
        made.units().stream().map(u -> new OwnCut.Cell(u.grapheme(), u.phoneme())).toList();
    Word word =
        Word.own(
            OwnCut.of(letters, cells, spoken),
            made.choose() ? Word.Use.CHOOSE : Word.Use.KNOW,
            made.clue().strip());
    own.keep(List.of(word), teacher.id());
    return WordView.of(word, engines.of(accent), WordView.Source.LEXICON);
  }

  /** Takes one of the school's own words away; ours counts again, where there is one. */
  @DeleteMapping("/api/own-words/{spelling}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable String spelling, @AuthenticationPrincipal Teacher teacher) {
    teacher.mustLead("change the school's words");
    own.remove(spelling.strip().toLowerCase(Locale.ROOT));
  }
}

package dettato.app.session;

import dettato.app.account.Teacher;
import dettato.app.engine.Engines;
import dettato.app.language.UnitView;
import dettato.app.school.Classes;
import dettato.app.school.SchoolClass;
import dettato.engine.Engine;
import dettato.find.RivalChooser;
import dettato.word.Word;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import lombok.RequiredArgsConstructor;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Words for rival graphemes of one sound. */
@RestController
@RequiredArgsConstructor
class RivalController {
  private final Classes classes;
  private final Engines engines;

  /**
   * What is asked for.
   *
   * @param taught whether only graphemes the class has been taught may be in the words
   */
  record Rivals(
      @NotBlank String sound,
      @NotNull @Size(min = 1, max = 8) List<@NotBlank String> graphemes,
      @Min(1) @Max(40) int count,
      boolean taught,
      @NotNull Set<@NotNull String> without,
      long seed) {}

  /** A word chosen, and which of the rivals it has. */
  record Rival(String word, List<UnitView> units, String grapheme, int focus, String clue) {}

  /** Words for the rival graphemes of a sound, as many of each. */
  @PostMapping("/api/classes/{id}/rivals")
  List<Rival> choose(
      @PathVariable long id,
      @RequestBody @Valid Rivals wanted,
      @AuthenticationPrincipal Teacher teacher) {
    SchoolClass of = classes.find(id, teacher);
    Engine engine = engines.of(of);
    RivalChooser.Request request =
        new RivalChooser.Request(
            wanted.sound(),
            wanted.graphemes(),
            wanted.count(),
            wanted.taught() ? of.step() : -1,
            wanted.without(),
            wanted.seed());
    return new RivalChooser(engine.index())
        .choose(request).stream().map(w -> view(w, wanted.sound(), engine)).toList();
  }

  private static Rival view(Word word, String sound, Engine engine) {
    int focus =
        IntStream.range(0, word.cut().size())
            .filter(i -> word.cut().ipa(i, engine.accent()).equals(sound))
            .findFirst()
            .orElse(-1);
    return new Rival(
        word.spelling(),
        UnitView.of(word.cut(), engine.accent()),
        focus < 0 ? "" : word.cut().unit(focus).grapheme().text(),
        focus,
        word.clue());
  }
}

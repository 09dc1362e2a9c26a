package dettato.app.language;

import dettato.app.engine.Engines;
import dettato.engine.Engine;
import dettato.find.SoundFigures;
import dettato.sound.Accents;
import dettato.sound.Sounds;
import java.util.Comparator;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The sounds of an accent with their spellings, and the accents there are. */
@RestController
@RequiredArgsConstructor
class SoundController {
  private final Engines engines;

  record AccentView(String id, String name) {}

  /**
   * One sound.
   *
   * @param keyword a word to know it by
   */
  record SoundView(
      String phoneme, String keyword, boolean vowel, int count, List<Spelt> graphemes) {}

  /**
   * One spelling of a sound.
   *
   * @param share of all places of the sound; start, middle and end are shares of this spelling's
   *     own places
   * @param step of the teaching sequence, 0 when it never comes to it
   */
  record Spelt(
      String grapheme,
      int count,
      double share,
      double start,
      double middle,
      double end,
      int step,
      List<String> examples) {}

  /** The accents a class may speak. */
  @GetMapping("/api/accents")
  List<AccentView> accents() {
    return Accents.all().stream().map(a -> new AccentView(a.id(), a.name())).toList();
  }

  /** Every sound of an accent with its spellings, and how common each is. */
  @GetMapping("/api/sounds")
  List<SoundView> sounds(@RequestParam(defaultValue = "en-GB") String accent) {
    Engine engine = engines.asked(accent);
    return engine.sounds().stream().map(f -> view(f, engine)).toList();
  }

  /** That of the inventory; for a run of sounds the shortest common word that has it. */
  private static String keyword(SoundFigures.SoundFigure figure, Engine engine) {
    String known = Sounds.keyword(figure.phoneme(), engine.accent());
    return known.isEmpty()
        ? figure.graphemes().stream()
            .flatMap(g -> g.examples().stream())
            .min(Comparator.comparingInt(String::length))
            .orElse("")
        : known;
  }

  private static SoundView view(SoundFigures.SoundFigure figure, Engine engine) {
    return new SoundView(
        figure.phoneme(),
        keyword(figure, engine),
        figure.kind() != dettato.sound.Sound.Kind.CONSONANT,
        figure.count(),
        figure.graphemes().stream()
            .map(
                g ->
                    new Spelt(
                        g.grapheme(),
                        g.count(),
                        g.share(),
                        g.start(),
                        g.middle(),
                        g.end(),
                        g.step().orElse(0),
                        g.examples()))
            .toList());
  }
}

package dettato.word;

import dettato.input.Unacceptable;
import dettato.sound.Accent;
import dettato.sound.Correspondence;
import dettato.sound.Correspondences;
import dettato.sound.Grapheme;
import dettato.sound.Sound;
import dettato.sound.Sounds;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A cut that a person gives, as graphemes with what each says in her accent. A grapheme that is
 * listed for such a sound takes that lexical set, so that the word can be said in other accents
 * too; any other sound of the accent is taken as it is.
 */
public final class OwnCut {
  /** One cell of a strip: letters and what they say, in IPA. */
  public record Cell(String grapheme, String ipa) {}

  private OwnCut() {}

  /**
   * The cut, with its stress on the first full vowel and its beats.
   *
   * @throws Unacceptable saying which cell is wrong and what it may be
   */
  public static Segmentation of(String spelling, List<Cell> cells, Accent accent) {
    if (cells.isEmpty()) {
      throw new Unacceptable("'" + spelling + "' has no units. Cut it into at least one.");
    }
    List<Unit> units = new ArrayList<>();
    for (Cell cell : cells) {
      Sound sound =
          sound(cell, accent)
              .orElseThrow(
                  () ->
                      new Unacceptable(
                          "'%s' in '%s' cannot say '%s' in %s. Choose one of its sounds, such as %s."
                              .formatted(
                                  cell.grapheme,
                                  spelling,
                                  cell.ipa,
                                  accent.name(),
                                  usual(cell.grapheme, accent))));
      units.add(new Unit(sound, new Grapheme(cell.grapheme), Unit.Stress.NONE, false));
    }
    return Beats.cut(Segmentation.of(spelling, Stressed.first(units)), -1);
  }

  /** What a grapheme may say in an accent, likeliest use first. */
  public static List<String> sounds(String grapheme, Accent accent) {
    return Correspondences.of(new Grapheme(grapheme)).stream()
        .sorted(java.util.Comparator.comparing(Correspondence::use))
        .map(c -> accent.say(c.sound()))
        .distinct()
        .toList();
  }

  private static String usual(String grapheme, Accent accent) {
    List<String> sounds = sounds(grapheme, accent);
    return sounds.isEmpty() ? accent.say(Sounds.of("commA")) : String.join(", ", sounds);
  }

  /** A linking r (story: ɔːr) belongs to the vowel where the accent does not sound it alone. */
  private static Optional<Sound> sound(Cell cell, Accent accent) {
    Optional<Sound> found = saying(cell.grapheme, cell.ipa, accent);
    return found.isEmpty() && cell.ipa.endsWith("r") && !accent.rhotic()
        ? saying(cell.grapheme, cell.ipa.substring(0, cell.ipa.length() - 1), accent)
        : found;
  }

  private static Optional<Sound> saying(String grapheme, String ipa, Accent accent) {
    Stream<Sound> listed =
        Correspondences.of(new Grapheme(grapheme)).stream()
            .sorted(java.util.Comparator.comparing(Correspondence::use))
            .map(Correspondence::sound);
    Stream<Sound> others = Stream.concat(Sounds.all().stream(), Correspondences.sounds().stream());
    return Stream.concat(listed, others).filter(s -> accent.say(s).equals(ipa)).findFirst();
  }
}

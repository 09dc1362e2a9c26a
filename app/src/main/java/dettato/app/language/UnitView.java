package dettato.app.language;

import dettato.sound.Accent;
import dettato.word.Segmentation;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.stream.IntStream;

/** One unit as the API shows it. */
public record UnitView(@NotNull String phoneme, @NotNull String grapheme) {
  /** A word's units in an accent. */
  public static List<UnitView> of(Segmentation cut, Accent accent) {
    return IntStream.range(0, cut.size())
        .mapToObj(i -> new UnitView(cut.ipa(i, accent), cut.unit(i).grapheme().text()))
        .toList();
  }
}

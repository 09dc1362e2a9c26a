package dettato.activity.beats;

import dettato.choose.Material;
import dettato.choose.Task;
import dettato.choose.Tasks;
import dettato.choose.TaughtWords;
import dettato.choose.Wanted;
import dettato.word.Word;
import dettato.word.WrittenBeats;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Longer words to be written beat by beat, with why each is cut where it is. */
final class CutBeats implements Tasks {
  private static final int MOST_BEATS = 4;
  private static final int MORE = 12;

  private final TaughtWords words;

  CutBeats(TaughtWords words) {
    this.words = words;
  }

  /** Two beats; at level 2 three as well; at level 3 three and four. */
  @Override
  public List<Task> make(Wanted wanted, Material material) {
    int from = wanted.level() >= Wanted.LEVELS ? 3 : 2;
    int to = Math.min(MOST_BEATS, wanted.level() + 1);
    List<Word> some =
        wanted.focus().isPresent()
            ? words.some(wanted, wanted.count() * MORE, material)
            : words.known(material, wanted.without());
    List<Word> fitting =
        some.stream()
            .filter(
                w ->
                    w.cut().beats() >= from
                        && w.cut().beats() <= to
                        && w.join().isEmpty()
                        && w.apostrophe() < 0)
            .toList();
    return TaughtWords.drawn(fitting, wanted.count(), wanted.seed()).stream()
        .map(CutBeats::task)
        .toList();
  }

  private static Task task(Word word) {
    List<WrittenBeats.Part> parts = WrittenBeats.of(word);
    String cut = parts.stream().map(WrittenBeats.Part::letters).collect(Collectors.joining("-"));
    String why =
        parts.stream()
            .map(WrittenBeats.Part::why)
            .flatMap(Optional::stream)
            .map(WrittenBeats.Why::says)
            .distinct()
            .collect(Collectors.joining("; "));
    return Task.open(word.spelling(), word.withClue(), List.of(cut), why);
  }
}

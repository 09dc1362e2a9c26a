package dettato.mark;

import dettato.reading.Guess;
import dettato.sound.Accents;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Marks pairs and writes a mark down in one line, as the golden file has it. */
public final class Marking {
  public static final AttemptMarker BRITISH =
      new AttemptMarker(Accents.of("en-GB"), Lexicon.shipped());
  public static final AttemptMarker AMERICAN =
      new AttemptMarker(Accents.of("en-US"), Lexicon.shipped());

  private Marking() {}

  public static Mark mark(String target, String attempt) {
    return mark(BRITISH, target, attempt);
  }

  public static Mark mark(AttemptMarker marker, String target, String attempt) {
    Word word =
        Lexicon.shipped().find(target, marker.accent().id()).orElseGet(() -> Guess.of(target));
    return marker.mark(word, attempt);
  }

  /** "ge>dge:ALTERNATIVE a_e>a:PARTIAL +u@2 ~1-2", or "-" when all is exact. */
  public static String faults(Mark mark) {
    Stream<String> units =
        IntStream.range(0, mark.units().size())
            .filter(i -> mark.units().get(i).verdict() != Verdict.EXACT)
            .mapToObj(
                i ->
                    mark.target().cut().unit(i).grapheme()
                        + ">"
                        + mark.units().get(i).written()
                        + ":"
                        + mark.units().get(i).verdict());
    Stream<String> extras = mark.extras().stream().map(e -> "+" + e.written() + "@" + e.before());
    Stream<String> swaps = mark.swaps().stream().map(s -> "~" + s.first() + "-" + s.second());
    String all = Stream.of(units, extras, swaps).flatMap(s -> s).collect(Collectors.joining(" "));
    return all.isEmpty() ? "-" : all;
  }

  /** Rules that failed: "final-j=UNDER"; "-" when none did. */
  public static String failures(Mark mark) {
    String all =
        mark.rules().stream()
            .filter(r -> r.outcome().name().matches("UNDER|OVER"))
            .map(r -> r.rule() + "=" + r.outcome())
            .collect(Collectors.joining(" "));
    return all.isEmpty() ? "-" : all;
  }
}

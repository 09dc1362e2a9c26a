package dettato.explain;

import dettato.mark.AttemptMarker;
import dettato.mark.Result;
import dettato.mark.SentenceMarker;
import dettato.mark.SentenceMarker.Kind;
import dettato.sound.Accents;
import dettato.word.Lexicon;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Sentences with the verdict that was written before the marker was asked. */
class BlindSentencesTest {
  private final Map<String, SentenceMarker> markers =
      Map.of("GB", marker("en-GB"), "US", marker("en-US"));

  private static SentenceMarker marker(String accent) {
    Lexicon words = Lexicon.shipped();
    return new SentenceMarker(new AttemptMarker(Accents.of(accent), words), words);
  }

  /**
   * @param accepted how many may be judged otherwise than was written beforehand
   */
  @ParameterizedTest(name = "{0}")
  @CsvSource({"sentences.psv, 3", "sentences-last.psv, 2"})
  void judgesAsWasWrittenBeforehand(String file, int accepted) throws IOException {
    BlindFile.judge(file, accepted, this::miss);
  }

  private String miss(String[] row) {
    SentenceMarker.SentenceMark mark = markers.get(row[0]).mark(row[1], row[2]);
    List<String> told = mark.words().stream().filter(w -> !isRight(w)).map(this::said).toList();
    String signs =
        mark.conventions().stream()
            .filter(c -> c.outcome().isFailure())
            .map(c -> c.rule() + ":" + c.outcome())
            .collect(Collectors.toCollection(TreeSet::new))
            .toString();
    boolean words = words(row[3], told);
    boolean conventions =
        Stream.of(row[4].split("\\|"))
            .map(
                s -> s.equals("-") ? new TreeSet<String>() : new TreeSet<>(List.of(s.split("\\+"))))
            .anyMatch(s -> s.toString().equals(signs));
    return words && conventions ? "" : told + " " + signs;
  }

  private static boolean isRight(SentenceMarker.WordMark word) {
    return word.kind() == Kind.MATCH
        && word.mark().filter(m -> m.result() == Result.RIGHT).isPresent();
  }

  private String said(SentenceMarker.WordMark word) {
    String kind =
        word.kind() == Kind.MATCH
            ? word.mark().map(m -> m.result().name()).orElse("")
            : word.kind().name();
    return word.target() + ">" + word.written() + ":" + kind;
  }

  /** Whether each word told is one that was written beforehand, with one of its verdicts. */
  private static boolean words(String expected, List<String> told) {
    List<String> wanted = expected.equals("-") ? List.of() : List.of(expected.split("\\+"));
    if (told.isEmpty()) {
      return wanted.isEmpty() || expected.endsWith("|-");
    }
    return !wanted.isEmpty()
        && told.stream().allMatch(t -> wanted.stream().anyMatch(w -> fits(w, t)))
        && wanted.stream()
            .allMatch(w -> w.contains("|") || told.stream().anyMatch(t -> fits(w, t)));
  }

  private static boolean fits(String wanted, String told) {
    String word = told.substring(0, told.lastIndexOf(':'));
    String verdict = told.substring(told.lastIndexOf(':') + 1);
    return wanted.contains(word + ":") && List.of(wanted.split("[|:]")).contains(verdict);
  }
}

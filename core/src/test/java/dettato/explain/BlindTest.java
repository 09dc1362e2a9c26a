package dettato.explain;

import dettato.mark.AttemptMarker;
import dettato.mark.Mark;
import dettato.mark.Result;
import dettato.reading.Guess;
import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.word.Capitals;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Attempts with the verdict that was written before the marker was asked. */
class BlindTest {
  private final Map<String, Accent> accents =
      Map.of("GB", Accents.of("en-GB"), "US", Accents.of("en-US"));

  /**
   * @param accepted how many may be judged otherwise than was written beforehand
   */
  @ParameterizedTest(name = "{0}")
  @CsvSource({"attempts.psv, 12", "attempts-last.psv, 4"})
  void judgesAsWasWrittenBeforehand(String file, int accepted) throws IOException {
    BlindFile.judge(file, accepted, this::miss);
  }

  private String miss(String[] row) {
    Accent accent = accents.get(row[3]);
    AttemptMarker marker = new AttemptMarker(accent, Lexicon.shipped());
    Word known = Lexicon.shipped().find(row[1], accent.id()).orElseGet(() -> Guess.of(row[1]));
    Word word = Capitals.isName(row[1]) ? known.asName() : known;
    Mark mark = marker.mark(word, row[2]);
    List<Fact> facts = Explanation.facts(mark, accent);
    List<String> wrong = new ArrayList<>();
    if (!in(row[4], mark.result().name())) {
      wrong.add("result " + mark.result());
    }
    String cause = facts.isEmpty() ? "none" : facts.get(0).cause().name();
    if (!in(row[5], cause)) {
      wrong.add("cause " + cause);
    }
    Set<String> rules =
        mark.rules().stream()
            .filter(r -> r.outcome().isFailure())
            .map(r -> r.rule() + ":" + r.outcome())
            .collect(Collectors.toCollection(TreeSet::new));
    if (!row[7].contains("?")
        && Arrays.stream(row[7].split("\\|")).noneMatch(r -> rules(r).equals(rules))) {
      wrong.add("rules " + rules);
    }
    boolean otherwise = mark.result() != Result.RIGHT && mark.result() != Result.READS_RIGHT;
    if (otherwise && !row[8].isEmpty() && !mark.readsAs().equals(row[8])) {
      wrong.add("reads " + mark.readsAs());
    }
    if (wrong.isEmpty()) {
      return "";
    }
    return wrong
        + " "
        + mark.result()
        + " /"
        + mark.readsAs()
        + "/ "
        + facts.stream().map(f -> f.cause() + ": " + f.says()).toList();
  }

  private static boolean in(String several, String one) {
    return several.contains("?") || List.of(several.split("\\|")).contains(one);
  }

  private static Set<String> rules(String written) {
    return written.equals("-")
        ? Set.of()
        : new TreeSet<>(
            List.of(
                written
                    .toLowerCase(Locale.ROOT)
                    .replace(":under", ":UNDER")
                    .replace(":over", ":OVER")
                    .split("\\+")));
  }
}

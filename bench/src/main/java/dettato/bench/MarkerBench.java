package dettato.bench;

import dettato.explain.Explanation;
import dettato.mark.AttemptMarker;
import dettato.mark.Mark;
import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.apache.commons.text.similarity.LevenshteinDetailedDistance;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OperationsPerInvocation;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.openjdk.jmh.infra.Blackhole;

/** The marker beside commons-text's detailed Levenshtein distance, on the same wrong spellings. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.NANOSECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(2)
public class MarkerBench {
  private static final String[] PAIRS = {
    "smudge smuge",
    "branch brantch",
    "clapping claping",
    "floating floatting",
    "lamp lap",
    "drum jrum",
    "cream creem",
    "brush brsh",
    "burst brust",
    "cone con",
    "plan plane",
    "bib did",
    "shelf self",
    "kicked kict",
    "crashes crashs",
    "puddle puddel",
    "because becos",
    "rabbit rabit",
    "people peepul",
    "train trane"
  };
  private static final int COUNT = 20;

  private final Accent accent = Accents.of(Accents.SOUTHERN_BRITISH);
  private final AttemptMarker marker = new AttemptMarker(accent, Lexicon.shipped());
  private final LevenshteinDetailedDistance distance = new LevenshteinDetailedDistance();
  private final List<Word> words = new ArrayList<>();
  private final List<String> attempts = new ArrayList<>();
  private final List<Mark> marks = new ArrayList<>();

  public MarkerBench() {
    for (String pair : PAIRS) {
      String[] sides = pair.split(" ");
      words.add(Lexicon.shipped().find(sides[0], Accents.SOUTHERN_BRITISH).orElseThrow());
      attempts.add(sides[1]);
      marks.add(marker.mark(words.get(words.size() - 1), sides[1]));
    }
  }

  @Benchmark
  @OperationsPerInvocation(COUNT)
  public void marker(Blackhole into) {
    for (int i = 0; i < COUNT; i++) {
      into.consume(marker.mark(words.get(i), attempts.get(i)));
    }
  }

  /** What is said of a mark that is made already. */
  @Benchmark
  @OperationsPerInvocation(COUNT)
  public void explained(Blackhole into) {
    for (Mark mark : marks) {
      into.consume(Explanation.facts(mark, accent));
    }
  }

  @Benchmark
  @OperationsPerInvocation(COUNT)
  @SuppressWarnings("deprecation")
  public void levenshteinDetailed(Blackhole into) {
    for (int i = 0; i < COUNT; i++) {
      into.consume(distance.apply(words.get(i).spelling(), attempts.get(i)));
    }
  }
}

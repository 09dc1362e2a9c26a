package dettato.bench;

import dettato.word.Lexicon;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Warmup;

/** Loading the lexicon beside counting the lines of the same file, cold: one call in a new JVM. */
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 0)
@Measurement(iterations = 1)
@Fork(7)
public class LexiconBench {
  @Benchmark
  public Lexicon load() {
    return Lexicon.read();
  }

  @Benchmark
  public int countLines() throws IOException {
    InputStream in = Objects.requireNonNull(Lexicon.class.getResourceAsStream("words.tsv"));
    try (BufferedReader lines =
        new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
      int count = 0;
      while (lines.readLine() != null) {
        count++;
      }
      return count;
    }
  }
}

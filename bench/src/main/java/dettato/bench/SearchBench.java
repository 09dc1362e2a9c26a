package dettato.bench;

import dettato.find.Place;
import dettato.find.Query;
import dettato.find.WordIndex;
import dettato.plan.TeachingSequence;
import dettato.rule.Side;
import dettato.sound.Accents;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * Queries over the whole lexicon, sampled for their 95th percentile, beside a scan of spellings.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 3, time = 2)
@Fork(1)
public class SearchBench {
  private final WordIndex index =
      new WordIndex(
          Lexicon.shipped(), Accents.of(Accents.SOUTHERN_BRITISH), TeachingSequence.shipped());
  private final List<Word> words = index.find(Query.ALL);

  /** What is asked. */
  public enum Asked {
    EVERYTHING(Query.ALL),
    LETTERS(query("*a*e*", "", "", Optional.empty(), "", false)),
    SOUND_AT_END(query("", "eɪ", "ay", Optional.of(Place.END), "", false)),
    RULE(query("", "", "", Optional.empty(), "double-before-ending", false)),
    ALL_AT_ONCE(query("*i*", "ɪ", "i", Optional.of(Place.MIDDLE), "double-before-ending", true));

    private final Query query;

    Asked(Query query) {
      this.query = query;
    }
  }

  @Param public Asked asked = Asked.EVERYTHING;

  private static Query query(
      String pattern,
      String sound,
      String grapheme,
      Optional<Place> place,
      String rule,
      boolean more) {
    return new Query(
        pattern,
        sound,
        grapheme,
        place,
        more ? 4 : 0,
        more ? 8 : 0,
        0,
        0,
        more ? Optional.of(Place.START) : Optional.empty(),
        rule,
        more ? Optional.of(Side.DUE) : Optional.empty(),
        more ? 5 : 0,
        more ? 100 : -1,
        false,
        false,
        more ? "ing" : "");
  }

  @Benchmark
  public int find() {
    return index.find(asked.query).size();
  }

  @Benchmark
  public long scanSpellings() {
    return words.stream().filter(w -> w.spelling().contains("ight")).count();
  }
}

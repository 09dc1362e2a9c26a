package dettato.bench;

import dettato.find.Chains;
import dettato.find.Neighbours;
import dettato.plan.TeachingSequence;
import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.text.Sentence;
import dettato.text.SentenceBank;
import dettato.text.SentenceReader;
import dettato.text.TextCheck;
import dettato.word.Homophones;
import dettato.word.Lexicon;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The check of 120 words, a search of the sentences and a chain, beside a split of the text. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 3, time = 2)
@Fork(1)
public class TextBench {
  private final Accent accent = Accents.of(Accents.SOUTHERN_BRITISH);
  private final TeachingSequence sequence = TeachingSequence.shipped();
  private final Lexicon lexicon = Lexicon.shipped();
  private final SentenceBank bank = new SentenceBank(lexicon, accent, sequence);
  private final TextCheck check =
      new TextCheck(
          new SentenceReader(lexicon, accent, sequence),
          accent,
          sequence,
          new Homophones(lexicon.words(accent.id()), accent));
  private final Chains chains =
      new Chains(new Neighbours(lexicon.words(accent.id()), accent, sequence));
  private final String text =
      SentenceBank.shipped().stream()
          .limit(16)
          .map(Sentence::text)
          .collect(Collectors.joining(" "));
  private final SentenceBank.Query query =
      new SentenceBank.Query(
          "final-j", "", "", "", 60, 4, 8, Optional.empty(), Optional.empty(), "", 1);
  private int seed;

  @Benchmark
  public int splitWords() {
    return Sentence.wordsOf(text).size();
  }

  @Benchmark
  public int checkText() {
    return check.check(text, 60, new TextCheck.Target.Rule("final-j")).words().size();
  }

  @Benchmark
  public int findSentences() {
    return bank.find(query).size();
  }

  @Benchmark
  public int chainOfEight() {
    return chains
        .find(new Chains.Request(8, "", 3, 4, Optional.empty(), sequence.last(), Set.of(), seed++))
        .words()
        .size();
  }
}

package dettato.bench;

import dettato.explain.Explanation;
import dettato.explain.Fact;
import dettato.mark.AttemptMarker;
import dettato.mark.Mark;
import dettato.mark.Result;
import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.word.Lexicon;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;

/**
 * Marks a public list of real misspellings, one a line ({@code wrong->right}), and prints how many
 * are told nothing of, how fast it goes, and some drawn by a seed, to be read.
 */
final class Real {
  private static final long SEED = 20_261_201;
  private static final int TO_READ = 200;

  private Real() {}

  /** What was written for a word. */
  private record Pair(String target, String attempt) {}

  /**
   * @param args the list; then, if it is wanted, the accent
   */
  public static void main(String[] args) throws IOException {
    Accent accent = Accents.of(args.length > 1 ? args[1] : Accents.SOUTHERN_BRITISH);
    Lexicon lexicon = Lexicon.shipped();
    List<Pair> pairs =
        Files.readAllLines(Path.of(args[0])).stream()
            .map(line -> line.split("->"))
            .filter(p -> p.length == 2)
            .map(p -> new Pair(p[1].split(",")[0].strip(), p[0].strip()))
            .filter(p -> lexicon.find(p.target, accent.id()).isPresent())
            .collect(Collectors.toCollection(ArrayList::new));
    AttemptMarker marker = new AttemptMarker(accent, lexicon);
    Map<Result, Integer> results = new EnumMap<>(Result.class);
    List<String> silent = new ArrayList<>();
    List<String> failed = new ArrayList<>();
    long start = System.nanoTime();
    for (Pair pair : pairs) {
      try {
        Mark mark = marker.mark(lexicon.find(pair.target, accent.id()).orElseThrow(), pair.attempt);
        results.merge(mark.result(), 1, Integer::sum);
        if (mark.result() != Result.RIGHT && Explanation.facts(mark, accent).isEmpty()) {
          silent.add(pair.toString());
        }
      } catch (RuntimeException e) {
        failed.add(pair + ": " + e);
      }
    }
    double seconds = (System.nanoTime() - start) / 1e9;
    System.out.printf(
        "%,d pairs, %d silent, %d failed, %,.0f a second with explanations; %s%n",
        pairs.size(), silent.size(), failed.size(), pairs.size() / seconds, results);
    silent.forEach(s -> System.out.println("silent: " + s));
    failed.forEach(f -> System.out.println("failed: " + f));
    Collections.shuffle(pairs, new Random(SEED));
    for (Pair pair : pairs.subList(0, Math.min(TO_READ, pairs.size()))) {
      Mark mark = marker.mark(lexicon.find(pair.target, accent.id()).orElseThrow(), pair.attempt);
      System.out.printf(
          "%s %s: %s /%s/ %s%n",
          pair.target,
          pair.attempt,
          mark.result(),
          mark.readsAs(),
          Explanation.facts(mark, accent).stream().map(Fact::says).toList());
    }
  }
}

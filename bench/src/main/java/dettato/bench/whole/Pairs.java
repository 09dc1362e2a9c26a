package dettato.bench.whole;

import dettato.simulate.SimulatedChild;
import dettato.simulate.SimulatedClass;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;

/** Ten thousand pairs over the API, marks alone; the same pairs are left in a file for difflib. */
final class Pairs {
  private static final int PAIRS = 10_000;
  private static final int TIMES = 40;

  private Pairs() {}

  public static void main(String[] args) throws Exception {
    Api api = new Api(args[0]);
    List<String[]> pairs = pairs();
    Files.write(Path.of(args[1]), pairs.stream().map(p -> p[0] + "\t" + p[1]).toList());
    String body =
        pairs.stream()
            .map(p -> "{\"target\":\"" + p[0] + "\",\"attempt\":\"" + p[1] + "\"}")
            .collect(Collectors.joining(",", "{\"accent\":\"en-GB\",\"pairs\":[", "]}"));
    for (String detail : List.of("marks", "all")) {
      double best = Double.MAX_VALUE;
      for (int i = 0; i < TIMES; i++) {
        long start = System.nanoTime();
        api.bytes("POST", "/api/marking/preview?detail=" + detail, "application/json", body);
        best = Math.min(best, (System.nanoTime() - start) / 1e9);
      }
      System.out.printf(
          "preview detail=%s: %,.0f pairs a second, best of %d%n", detail, PAIRS / best, TIMES);
    }
  }

  private static List<String[]> pairs() {
    List<Word> words =
        Lexicon.shipped().words("en-GB").stream()
            .filter(w -> w.use() == Word.Use.CHOOSE && w.cut().size() > 2)
            .toList();
    SimulatedClass careless =
        new SimulatedClass(List.of(new SimulatedChild("any", List.of(), 0.9)), 3);
    Random random = new Random(5);
    List<String[]> pairs = new ArrayList<>();
    for (int i = 0; i < PAIRS; i++) {
      Word word = words.get(random.nextInt(words.size()));
      pairs.add(
          new String[] {word.spelling(), careless.attempt(careless.children().get(0), word, i)});
    }
    return pairs;
  }
}

package dettato.notation;

import dettato.input.Unacceptable;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * Letters that a class learns as one piece, such as ing or all. A chunk is found only where it says
 * what it says in most words: all stands in ball and not in shall.
 */
public final class Chunks {
  /** No chunks. */
  public static final Chunks NONE = new Chunks(Map.of());

  /** The sounds of each chunk, in the order they were listed. */
  private final Map<String, List<String>> sounds;

  private Chunks(Map<String, List<String>> sounds) {
    this.sounds = sounds;
  }

  /** Where a chunk stands: from a unit up to, and without, another. */
  public record Place(int from, int to) {}

  /**
   * The chunks that a class is taught, as they were typed: each once, empty ones left out.
   *
   * @throws Unacceptable for what is no run of two to six small letters
   */
  public static List<String> taught(List<String> typed) {
    List<String> chunks =
        typed.stream().map(String::strip).filter(c -> !c.isEmpty()).distinct().toList();
    for (String chunk : chunks) {
      if (!chunk.matches("[a-z]{2,6}")) {
        throw new Unacceptable(
            "'" + chunk + "' is no chunk. Write two to six small letters, such as ing.");
      }
    }
    return chunks;
  }

  /**
   * @param chunks lower-case letters
   * @param words commonest first; how most of them say a chunk's letters is how it is said
   */
  public static Chunks of(List<String> chunks, List<Word> words) {
    Map<String, List<String>> sounds = new HashMap<>();
    for (String chunk : chunks) {
      Map<List<String>, Integer> heard = new HashMap<>();
      words.stream()
          .filter(w -> w.letters().contains(chunk))
          .forEach(w -> runs(w, chunk).forEach(p -> heard.merge(said(w, p), 1, Integer::sum)));
      heard.entrySet().stream()
          .max(Map.Entry.comparingByValue())
          .ifPresent(most -> sounds.put(chunk, most.getKey()));
    }
    return new Chunks(sounds);
  }

  /** Where chunks stand in a word, left to right, the longest first; none overlaps another. */
  public List<Place> in(Word word) {
    List<Place> found = new ArrayList<>();
    sounds.keySet().stream()
        .sorted((a, b) -> b.length() - a.length())
        .flatMap(c -> runs(word, c).stream().filter(p -> said(word, p).equals(sounds.get(c))))
        .filter(p -> found.stream().noneMatch(f -> f.from < p.to && p.from < f.to))
        .forEach(found::add);
    found.sort((a, b) -> a.from - b.from);
    return found;
  }

  /** Two whole units or more that are written with a chunk's letters, none of them split. */
  private static List<Place> runs(Word word, String chunk) {
    List<Place> runs = new ArrayList<>();
    for (int at = word.letters().indexOf(chunk);
        at >= 0;
        at = word.letters().indexOf(chunk, at + 1)) {
      int end = at + chunk.length();
      int from = word.cut().unitAt(at);
      int to = word.cut().unitAt(end - 1) + 1;
      boolean whole =
          word.cut().start(from) == at
              && (to == word.cut().size() ? word.letters().length() : word.cut().start(to)) == end
              && IntStream.range(from, to).noneMatch(u -> word.cut().silentE(u) >= 0);
      if (whole && to - from > 1) {
        runs.add(new Place(from, to));
      }
    }
    return runs;
  }

  private static List<String> said(Word word, Place place) {
    return IntStream.range(place.from, place.to)
        .mapToObj(u -> word.cut().unit(u).sound().id())
        .toList();
  }
}

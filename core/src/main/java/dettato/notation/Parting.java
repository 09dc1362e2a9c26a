package dettato.notation;

import dettato.word.Word;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/** In what pieces a class builds a word. Errors are told by sound whatever it is. */
public enum Parting {
  SOUND,
  CHUNKS,
  BEATS,
  BASE;

  /** The first unit of every piece, left to right; the first is 0. */
  public List<Integer> of(Word word, Chunks chunks) {
    Set<Integer> starts = new TreeSet<>(Set.of(0));
    switch (this) {
      case SOUND -> allUnits(word, starts);
      case CHUNKS -> {
        allUnits(word, starts);
        chunks.in(word).forEach(p -> starts.removeIf(u -> p.from() < u && u < p.to()));
      }
      case BEATS -> {
        for (int u = 1; u < word.cut().size(); u++) {
          if (word.cut().unit(u).opensBeat()) {
            starts.add(u);
          }
        }
      }
      case BASE -> {
        if (word.endingUnit() < word.cut().size()) {
          starts.add(word.endingUnit());
        }
        if (word.seam() > 0) {
          starts.add(word.cut().unitAt(word.seam()));
        }
      }
    }
    return new ArrayList<>(starts);
  }

  private static void allUnits(Word word, Set<Integer> starts) {
    for (int u = 1; u < word.cut().size(); u++) {
      starts.add(u);
    }
  }
}

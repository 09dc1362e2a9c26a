package dettato.reading;

import java.util.Arrays;
import java.util.List;

/**
 * Trees that answer one question about some letters, each grown from other questions; what they say
 * together is their mean.
 */
record Forest(List<Tree> trees) {
  Forest {
    trees = List.copyOf(trees);
  }

  /** How likely answers are, those that are likely at all; in no order. */
  static final class Chances {
    private int[] which = new int[8];
    private float[] how = new float[8];
    private int size;

    int size() {
      return size;
    }

    /** The number of an answer. */
    int which(int index) {
      return which[index];
    }

    /** How likely it is, 0 to 1. */
    float how(int index) {
      return how[index];
    }

    /** Counts an answer in; a number below nought is none. */
    void add(int answer, float chance) {
      if (answer < 0) {
        return;
      }
      for (int i = 0; i < size; i++) {
        if (which[i] == answer) {
          how[i] += chance;
          return;
        }
      }
      if (size == which.length) {
        which = Arrays.copyOf(which, 2 * size);
        how = Arrays.copyOf(how, 2 * size);
      }
      which[size] = answer;
      how[size++] = chance;
    }
  }

  /**
   * How likely each answer is about some letters.
   *
   * @param all what all chances together come to, 0 to 1
   */
  Chances chances(LetterMasks word, int from, int to, float all) {
    Chances chances = new Chances();
    float share = all / trees.size();
    for (Tree tree : trees) {
      int end = tree.end(word, from, to);
      int[] which = tree.answers(end);
      float[] chance = tree.chances(end);
      for (int i = 0; i < which.length; i++) {
        chances.add(which[i], share * chance[i]);
      }
    }
    return chances;
  }
}

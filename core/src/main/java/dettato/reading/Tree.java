package dettato.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToIntFunction;

/**
 * Questions about the letters around, each with what follows from yes and from no; at the ends, how
 * likely each answer is there. Its text lists it from the top, what follows from yes first: a
 * question begins with ?, an end is answers with chances in thousandths, {@code GOAT.700,LOT.300}.
 */
final class Tree {
  private final Question[] questions;

  /** By place in the list, where and for what letters is asked; no letters for other questions. */
  private final byte[] places;

  private final int[] masks;

  /**
   * By place in the list, where no leads to (yes leads to the next place); for an end, -1 less its
   * number.
   */
  private final int[] links;

  private final int[][] answers;
  private final float[][] chances;

  private Tree(Text text) {
    this.questions = text.questions.toArray(Question[]::new);
    this.places = new byte[questions.length];
    this.masks = new int[questions.length];
    for (int i = 0; i < questions.length; i++) {
      places[i] = (byte) questions[i].number();
      masks[i] = questions[i].mask();
    }
    this.links = text.links.stream().mapToInt(Integer::intValue).toArray();
    this.answers = text.answers.toArray(int[][]::new);
    this.chances = text.chances.toArray(float[][]::new);
  }

  /**
   * @param answer the number of an answer
   */
  static Tree parse(String text, ToIntFunction<String> answer) {
    Text read = new Text(text.split(" "), answer);
    read.from(0);
    return new Tree(read);
  }

  /** Which of the ends the letters around lead to. */
  int end(LetterMasks word, int from, int to) {
    int at = 0;
    int no = links[0];
    while (no >= 0) {
      int mask = masks[at];
      int place = places[at];
      boolean yes =
          mask == 0
              ? questions[at].holds(word, from, to)
              : (word.near(place < 0 ? from + place : to + place - 1) & mask) != 0;
      at = yes ? at + 1 : no;
      no = links[at];
    }
    return -1 - no;
  }

  /** The answers of an end, by their numbers. */
  int[] answers(int end) {
    return answers[end];
  }

  /** How likely each of them is, 0 to 1. */
  float[] chances(int end) {
    return chances[end];
  }

  /** Its text while it is read. */
  private static final class Text {
    private static final Question NONE = Question.parse("+1");

    private final String[] tokens;
    private final ToIntFunction<String> answer;
    private final List<Question> questions = new ArrayList<>();
    private final List<Integer> links = new ArrayList<>();
    private final List<int[]> answers = new ArrayList<>();
    private final List<float[]> chances = new ArrayList<>();

    Text(String[] tokens, ToIntFunction<String> answer) {
      this.tokens = tokens;
      this.answer = answer;
    }

    /** Reads from a token on, and says which token comes after. */
    int from(int token) {
      int here = links.size();
      if (!tokens[token].startsWith("?")) {
        questions.add(NONE);
        links.add(-1 - answers.size());
        end(tokens[token].split(","));
        return token + 1;
      }
      questions.add(Question.parse(tokens[token].substring(1)));
      links.add(0);
      int no = from(token + 1);
      links.set(here, links.size());
      return from(no);
    }

    private void end(String[] parts) {
      int[] which = new int[parts.length];
      float[] chance = new float[parts.length];
      for (int i = 0; i < parts.length; i++) {
        int dot = parts[i].lastIndexOf('.');
        which[i] = answer.applyAsInt(parts[i].substring(0, dot));
        chance[i] = Integer.parseInt(parts[i].substring(dot + 1)) / 1000f;
      }
      answers.add(which);
      chances.add(chance);
    }
  }
}

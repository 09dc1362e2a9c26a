package dettato.mark;

import java.util.Arrays;
import java.util.LinkedList;
import java.util.List;

/**
 * Cuts letters written without spaces where the parts are nearest to the words dictated, by dynamic
 * programming over cuts. Time O(words × letters²) comparisons; ties: the earlier cut.
 */
final class JoinedWords {
  private JoinedWords() {}

  /** One part for each word, in order; together they are what was written. */
  static List<String> cut(List<String> words, String written) {
    int length = written.length();
    double[][] cost = new double[words.size() + 1][length + 1];
    int[][] from = new int[words.size() + 1][length + 1];
    for (double[] row : cost) {
      Arrays.fill(row, Double.POSITIVE_INFINITY);
    }
    cost[0][0] = 0;
    for (int w = 1; w <= words.size(); w++) {
      String word = words.get(w - 1);
      for (int end = 0; end <= length; end++) {
        for (int start = 0; start <= end; start++) {
          double apart = Tokens.difference(word, written.substring(start, end)) * word.length();
          double total = cost[w - 1][start] + apart;
          if (total < cost[w][end]) {
            cost[w][end] = total;
            from[w][end] = start;
          }
        }
      }
    }
    LinkedList<String> parts = new LinkedList<>();
    int end = length;
    for (int w = words.size(); w > 0; w--) {
      parts.addFirst(written.substring(from[w][end], end));
      end = from[w][end];
    }
    return parts;
  }
}

package dettato.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Grows a {@link Tree}'s text from what was seen: at each branching the question that tells most
 * about the answer, out of some drawn by chance, down to where all answers are one or no question
 * parts them. What an end says is smoothed by what stands above it.
 *
 * <p>Source: classification trees for letters to sounds, Black, Lenzo and Pagel, "Issues in
 * building general letter to sound rules", 1998; questions drawn by chance, Breiman, "Random
 * Forests", Machine Learning 45(1), 2001.
 */
final class Grower {
  private static final List<String> SETS =
      List.of(
          "V", "C", "aeiou", "eiy", "lr", "mn", "lmnr", "ptkbdg", "sz", "fvszt", "sxz", "ptkcfs",
          "bdgvzj", "aou", "iy", "ae", "ou", "wy", "cg");
  private static final String LETTERS = "abcdefghijklmnopqrstuvwxyz_";
  private static final List<String> TEXTS = texts();
  private static final List<Question> QUESTIONS = TEXTS.stream().map(Question::parse).toList();

  /** The share of the questions that are looked at, at each branching. */
  private static final double DRAWN = 0.1;

  /** How much the mean above counts at an end, in words of little weight. */
  private static final double ABOVE = 2;

  private static final double RARE = 0.015;

  /**
   * Letters met in a word.
   *
   * @param answer the number of what is asked about them
   * @param weight how much the word counts, 1 or more
   */
  record Seen(LetterMasks word, int from, int to, int answer, int weight) {}

  private final List<String> answers;
  private final Random random;
  private final StringBuilder text = new StringBuilder();

  private Grower(List<String> answers, long seed) {
    this.answers = answers;
    this.random = new Random(seed);
  }

  /**
   * @param answers by their numbers
   */
  static String grow(List<Seen> seen, List<String> answers, long seed) {
    Grower grower = new Grower(answers, seed);
    grower.grow(seen, new double[answers.size()], 0);
    return grower.text.toString().strip();
  }

  private void grow(List<Seen> seen, double[] above, double trust) {
    double[] counts = counts(seen);
    double total = total(counts);
    double[] smooth = new double[counts.length];
    for (int i = 0; i < counts.length; i++) {
      smooth[i] = (counts[i] + trust * above[i]) / (total + trust);
    }
    int question = isOne(counts) ? -1 : best(seen, counts, total);
    if (question < 0) {
      end(smooth);
      return;
    }
    text.append('?').append(TEXTS.get(question)).append(' ');
    Question asked = QUESTIONS.get(question);
    grow(part(seen, asked, true), smooth, ABOVE);
    grow(part(seen, asked, false), smooth, ABOVE);
  }

  private void end(double[] chances) {
    List<Integer> order =
        IntStream.range(0, chances.length)
            .boxed()
            .filter(i -> chances[i] >= RARE)
            .sorted((a, b) -> Double.compare(chances[b], chances[a]))
            .toList();
    for (int i : order) {
      text.append(answers.get(i)).append('.').append(Math.round(1000 * chances[i])).append(',');
    }
    text.setCharAt(text.length() - 1, ' ');
  }

  /** The question that tells most, of those drawn; -1 when none tells anything. */
  private int best(List<Seen> seen, double[] counts, double total) {
    double unsure = unsure(counts, total);
    double most = 1e-9;
    int best = -1;
    for (int q = 0; q < QUESTIONS.size(); q++) {
      if (random.nextDouble() > DRAWN) {
        continue;
      }
      double[] yes = new double[counts.length];
      Question question = QUESTIONS.get(q);
      for (Seen one : seen) {
        if (question.holds(one.word, one.from, one.to)) {
          yes[one.answer] += one.weight;
        }
      }
      double[] no = new double[counts.length];
      for (int i = 0; i < no.length; i++) {
        no[i] = counts[i] - yes[i];
      }
      double told = unsure - unsure(yes, total(yes)) - unsure(no, total(no));
      if (told > most) {
        most = told;
        best = q;
      }
    }
    return best;
  }

  private double[] counts(List<Seen> seen) {
    double[] counts = new double[answers.size()];
    seen.forEach(one -> counts[one.answer] += one.weight);
    return counts;
  }

  private static List<Seen> part(List<Seen> seen, Question question, boolean yes) {
    return seen.stream().filter(s -> question.holds(s.word, s.from, s.to) == yes).toList();
  }

  private static boolean isOne(double[] counts) {
    return IntStream.range(0, counts.length).filter(i -> counts[i] > 0).count() < 2;
  }

  private static double total(double[] counts) {
    double total = 0;
    for (double count : counts) {
      total += count;
    }
    return total;
  }

  /** Entropy times how much was counted. */
  private static double unsure(double[] counts, double total) {
    double unsure = 0;
    for (double count : counts) {
      unsure -= count > 0 ? count * Math.log(count / total) : 0;
    }
    return unsure;
  }

  private static List<String> texts() {
    List<String> sets =
        Stream.concat(
                LETTERS.chars().mapToObj(c -> String.valueOf((char) c)),
                SETS.stream().flatMap(s -> Stream.of(s, s + "_")))
            .toList();
    List<String> texts = new ArrayList<>();
    for (String place : List.of("-4", "-3", "-2", "-1", "+1", "+2", "+3", "+4", "+5")) {
      sets.forEach(set -> texts.add(place + set));
    }
    texts.addAll(List.of("<1", "<2", "<3", ">1", ">2", ">3", "=1", "=2", "=3"));
    return texts;
  }
}

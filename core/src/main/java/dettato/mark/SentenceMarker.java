package dettato.mark;

import dettato.rule.Outcome;
import dettato.word.Guess;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.apache.commons.text.similarity.LevenshteinDistance;

/**
 * Marks a dictated sentence: its words are aligned first, then the capital at the start and the end
 * mark are judged, then each word that has a partner.
 *
 * <p>Words pair by the least total of letter changes (Wagner and Fischer 1974 on words); a pair
 * that shares less than half its letters is another word. Time O(words × words).
 */
public final class SentenceMarker {
  private static final double ANOTHER_WORD = 0.6;
  private static final double GAP = 0.7;
  private static final double ACROSS = 0.2;
  private static final double EXCHANGED = 0.3;

  private final AttemptMarker marker;
  private final Lexicon lexicon;

  /** How a word of the sentence fared. */
  public enum Kind {
    MATCH,
    MISSING,
    EXTRA,
    DOUBLED,
    JOINED,
    SPLIT,
    REPLACED,
    SWAPPED
  }

  /**
   * One word.
   *
   * @param target the dictated word, "" for an extra one
   * @param written what stands for it, "" when nothing does
   * @param mark for words that have a partner
   */
  public record WordMark(String target, String written, Kind kind, Optional<Mark> mark) {}

  /** A convention of writing and whether it was kept. */
  public record Convention(String rule, Outcome outcome) {}

  /** The whole sentence. */
  public record SentenceMark(List<WordMark> words, List<Convention> conventions) {
    public SentenceMark {
      words = List.copyOf(words);
      conventions = List.copyOf(conventions);
    }
  }

  public SentenceMarker(AttemptMarker marker, Lexicon lexicon) {
    this.marker = marker;
    this.lexicon = lexicon;
  }

  /** Judges a written sentence; anything a child can write is judged. */
  public SentenceMark mark(String target, String attempt) {
    List<String> wanted = words(target);
    List<String> written = words(attempt);
    List<Convention> conventions = new ArrayList<>();
    conventions.add(new Convention("capital-start", kept(!startsSmall(attempt), attempt)));
    conventions.add(new Convention("end-mark", endMark(target, attempt)));
    return new SentenceMark(align(wanted, written), conventions);
  }

  private static Outcome kept(boolean kept, String attempt) {
    return words(attempt).isEmpty() ? Outcome.UNTESTED : kept ? Outcome.APPLIED : Outcome.UNDER;
  }

  private static Outcome endMark(String target, String attempt) {
    String end = attempt.strip();
    String due = target.strip();
    if (end.isEmpty() || !".?!".contains(due.substring(Math.max(0, due.length() - 1)))) {
      return Outcome.UNTESTED;
    }
    return end.substring(end.length() - 1).equals(due.substring(due.length() - 1))
        ? Outcome.APPLIED
        : Outcome.UNDER;
  }

  private static boolean startsSmall(String attempt) {
    return attempt
        .codePoints()
        .filter(Character::isLetter)
        .limit(1)
        .anyMatch(Character::isLowerCase);
  }

  private static List<String> words(String sentence) {
    return Arrays.stream(sentence.replace('’', '\'').split("[^\\p{L}\\p{M}\\d']+"))
        .filter(w -> !w.isEmpty())
        .toList();
  }

  private List<WordMark> align(List<String> wanted, List<String> written) {
    double[][] cost = new double[wanted.size() + 1][written.size() + 1];
    int[][] step = new int[wanted.size() + 1][written.size() + 1];
    for (int i = wanted.size(); i >= 0; i--) {
      for (int j = written.size(); j >= 0; j--) {
        choose(wanted, written, i, j, cost, step);
      }
    }
    List<WordMark> marks = new ArrayList<>();
    int i = 0;
    int j = 0;
    while (i < wanted.size() || j < written.size()) {
      int taken = step[i][j];
      marks.addAll(move(wanted, written, i, j, taken));
      i += taken / 10;
      j += taken % 10;
    }
    return marks;
  }

  /** Steps are two digits: how many words of the target and how many written ones they take. */
  private static void choose(
      List<String> wanted, List<String> written, int i, int j, double[][] cost, int[][] step) {
    boolean more = i < wanted.size();
    boolean got = j < written.size();
    if (!more && !got) {
      return;
    }
    double best = Double.POSITIVE_INFINITY;
    int taken = 0;
    double[] tries = new double[23];
    Arrays.fill(tries, Double.POSITIVE_INFINITY);
    if (more && got) {
      tries[11] = cost[i + 1][j + 1] + difference(wanted.get(i), written.get(j));
    }
    if (more) {
      tries[10] = cost[i + 1][j] + GAP;
    }
    if (got) {
      tries[1] = cost[i][j + 1] + GAP;
    }
    if (i + 1 < wanted.size() && got) {
      double joined = difference(wanted.get(i) + wanted.get(i + 1), written.get(j));
      tries[21] = cost[i + 2][j + 1] + 2 * joined + ACROSS;
    }
    if (more && j + 1 < written.size()) {
      double split = difference(wanted.get(i), written.get(j) + written.get(j + 1));
      tries[12] = cost[i + 1][j + 2] + 2 * split + ACROSS;
    }
    if (i + 1 < wanted.size() && j + 1 < written.size()) {
      double swapped =
          difference(wanted.get(i), written.get(j + 1))
              + difference(wanted.get(i + 1), written.get(j));
      tries[22] = cost[i + 2][j + 2] + swapped + EXCHANGED;
    }
    for (int move : new int[] {11, 22, 21, 12, 10, 1}) {
      if (tries[move] < best) {
        best = tries[move];
        taken = move;
      }
    }
    cost[i][j] = best;
    step[i][j] = taken;
  }

  private List<WordMark> move(List<String> wanted, List<String> written, int i, int j, int taken) {
    return switch (taken) {
      case 11 -> List.of(pair(wanted.get(i), written.get(j)));
      case 10 -> List.of(new WordMark(wanted.get(i), "", Kind.MISSING, Optional.empty()));
      case 21 -> {
        String both = wanted.get(i) + " " + wanted.get(i + 1);
        yield List.of(new WordMark(both, written.get(j), Kind.JOINED, Optional.empty()));
      }
      case 12 -> {
        String both = written.get(j) + " " + written.get(j + 1);
        yield List.of(
            new WordMark(
                wanted.get(i), both, Kind.SPLIT, Optional.of(markOf(wanted.get(i), both))));
      }
      case 22 ->
          List.of(
              new WordMark(
                  wanted.get(i),
                  written.get(j + 1),
                  Kind.SWAPPED,
                  Optional.of(markOf(wanted.get(i), written.get(j + 1)))),
              new WordMark(
                  wanted.get(i + 1),
                  written.get(j),
                  Kind.SWAPPED,
                  Optional.of(markOf(wanted.get(i + 1), written.get(j)))));
      default -> {
        boolean again = j > 0 && written.get(j - 1).equalsIgnoreCase(written.get(j));
        Kind kind = again ? Kind.DOUBLED : Kind.EXTRA;
        yield List.of(new WordMark("", written.get(j), kind, Optional.empty()));
      }
    };
  }

  private WordMark pair(String wanted, String written) {
    boolean another =
        difference(wanted, written) >= ANOTHER_WORD
            && lexicon.find(written, marker.accent().id()).isPresent();
    return another
        ? new WordMark(wanted, written, Kind.REPLACED, Optional.empty())
        : new WordMark(wanted, written, Kind.MATCH, Optional.of(markOf(wanted, written)));
  }

  private Mark markOf(String wanted, String written) {
    Word word = lexicon.find(wanted, marker.accent().id()).orElseGet(() -> Guess.of(wanted));
    boolean same = wanted.toLowerCase(Locale.ROOT).equals(written.toLowerCase(Locale.ROOT));
    return marker.mark(word, same ? word.spelling() : written);
  }

  /** Share of letters that differ, in [0, 1]. */
  private static double difference(String a, String b) {
    String x = a.toLowerCase(Locale.ROOT);
    String y = b.toLowerCase(Locale.ROOT);
    return LevenshteinDistance.getDefaultInstance().apply(x, y)
        / (double) Math.max(1, Math.max(x.length(), y.length()));
  }
}

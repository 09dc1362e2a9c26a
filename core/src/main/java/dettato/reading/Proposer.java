package dettato.reading;

import dettato.input.Unacceptable;
import dettato.sound.Accent;
import dettato.word.Beats;
import dettato.word.Segmentation;
import dettato.word.Stressed;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * Proposes sounds and cut for a word outside the lexicon, ranked, with confidence: the likeliest
 * readings of its letters.
 */
public final class Proposer {
  private static final int READINGS = 60;
  private static final int LONGEST = 40;

  private final Reader reader;

  /**
   * A cut with how sure it is.
   *
   * @param confidence the share of all likely readings that are this one, 0 to 1
   */
  public record Proposal(Segmentation cut, double confidence) {}

  /**
   * @param reader what reads the letters
   */
  public Proposer(Reader reader) {
    this.reader = reader;
  }

  /** The one that learnt from the whole lexicon. */
  public static Proposer shipped() {
    return new Proposer(Reader.shipped());
  }

  /**
   * The likeliest cuts, the surest first; those that sound alike in the accent and are cut alike
   * are one.
   *
   * @throws Unacceptable when it has no letters a to z, or more than forty
   */
  public List<Proposal> propose(String written, Accent accent, int most) {
    String letters = letters(written);
    Map<String, Segmentation> cuts = new LinkedHashMap<>();
    Map<String, Double> weights = new HashMap<>();
    double total = 0;
    double best = Double.NEGATIVE_INFINITY;
    for (Reader.Reading reading : reader.readings(letters, READINGS)) {
      best = Math.max(best, reading.log());
      Segmentation cut = withBeats(reading.cut());
      double weight = Math.exp(reading.log() - best);
      String looks = looks(cut, accent);
      cuts.putIfAbsent(looks, cut);
      weights.merge(looks, weight, Double::sum);
      total += weight;
    }
    double all = total;
    return cuts.entrySet().stream()
        .map(e -> new Proposal(e.getValue(), weights.getOrDefault(e.getKey(), 0.0) / all))
        .sorted(Comparator.comparingDouble(Proposal::confidence).reversed())
        .limit(most)
        .toList();
  }

  /**
   * The letters of what was written.
   *
   * @throws Unacceptable as {@link #propose} does
   */
  static String letters(String written) {
    String letters = written.strip().toLowerCase(Locale.ROOT).replaceAll("[^a-z]", "");
    if (letters.isEmpty()) {
      throw new Unacceptable(
          "'" + written + "' has no letters a to z. Write the word that was dictated.");
    }
    if (letters.length() > LONGEST) {
      throw new Unacceptable(
          "a word has at most " + LONGEST + " letters; this has " + letters.length());
    }
    return letters;
  }

  private static Segmentation withBeats(Segmentation cut) {
    return Beats.cut(Segmentation.of(cut.spelling(), Stressed.first(cut.units())), -1);
  }

  private static String looks(Segmentation cut, Accent accent) {
    StringBuilder looks = new StringBuilder();
    for (int i = 0; i < cut.size(); i++) {
      looks
          .append(cut.unit(i).grapheme().text())
          .append(':')
          .append(cut.ipa(i, accent))
          .append(' ');
    }
    return looks.toString();
  }
}

package dettato.word;

import dettato.input.Unacceptable;
import dettato.sound.Accent;
import dettato.sound.Correspondence;
import dettato.sound.Correspondences;
import dettato.sound.Sound;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Proposes sounds and cut for a word outside the lexicon, ranked, with confidence: a model of which
 * correspondence follows which, made from the lexicon itself.
 *
 * <p>Source: joint-sequence models of letters and sounds, Bisani and Ney, Speech Communication
 * 50(5), 2008; runs of four correspondences, see {@link NGrams}; a split digraph closes at the
 * first e after its consonants. Search by beam, time O(letters × beam × listed correspondences of a
 * letter).
 */
public final class Proposer {
  private static final int BEAM = 80;
  private static final int LONGEST = 40;
  private static final int MOST_CROSSED = 2;

  private final NGrams pairs;
  private final Map<Character, List<Integer>> byFirstLetter = new HashMap<>();
  private final List<Correspondence> all = Correspondences.all();

  /**
   * A cut with how sure it is.
   *
   * @param confidence the share of all likely readings that are this one, 0 to 1
   */
  public record Proposal(Segmentation cut, double confidence) {}

  /** A reading begun: the last correspondences, and the split digraph that is still open. */
  private record Path(
      @Nullable Path before, int last, int crossed, long history, double score, int length) {
    boolean isOpen() {
      return crossed >= 0;
    }
  }

  /**
   * @param words the words to learn from; those with a correspondence that is not listed are passed
   *     over
   */
  public Proposer(Collection<Word> words) {
    Map<String, Integer> ids = new HashMap<>();
    for (int i = 0; i < all.size(); i++) {
      ids.put(key(all.get(i).sound(), all.get(i).grapheme().text()), i);
      byFirstLetter
          .computeIfAbsent(all.get(i).grapheme().head().charAt(0), c -> new ArrayList<>())
          .add(i);
    }
    this.pairs =
        new NGrams(
            4,
            words.stream()
                .map(
                    w ->
                        w.cut().units().stream()
                            .mapToInt(
                                u -> ids.getOrDefault(key(u.sound(), u.grapheme().text()), -1))
                            .toArray())
                .toList());
  }

  /** The one that learnt from the whole lexicon, made when first asked for. */
  public static Proposer shipped() {
    return Shipped.PROPOSER;
  }

  private static final class Shipped {
    static final Proposer PROPOSER = new Proposer(Lexicon.shipped().words("en-GB"));
  }

  /**
   * The likeliest cuts, the surest first; those that sound alike in the accent and are cut alike
   * are one. Empty when no listed correspondences spell the word.
   *
   * @throws Unacceptable when it has no letters a to z, or more than forty
   */
  public List<Proposal> propose(String written, Accent accent, int most) {
    String letters = letters(written);
    Map<String, Segmentation> cuts = new LinkedHashMap<>();
    Map<String, Double> weights = new HashMap<>();
    double total = 0;
    List<Path> ends = search(letters);
    double best = ends.stream().mapToDouble(Path::score).max().orElse(0);
    for (Path end : ends) {
      Segmentation cut = cut(letters, end);
      double weight = Math.exp(end.score() - best);
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

  private List<Path> search(String letters) {
    List<List<Path>> at = new ArrayList<>();
    for (int i = 0; i <= letters.length(); i++) {
      at.add(new ArrayList<>());
    }
    at.get(0).add(new Path(null, NGrams.EDGE, -1, NGrams.START, 0, 0));
    for (int i = 0; i < letters.length(); i++) {
      for (Path path : best(at.get(i))) {
        extend(letters, i, path, at);
      }
    }
    return best(at.get(letters.length()).stream().filter(p -> !p.isOpen()).map(this::end).toList());
  }

  private Path end(Path p) {
    double score = p.score + pairs.log(p.history, NGrams.EDGE);
    return new Path(p.before, p.last, -1, p.history, score, p.length);
  }

  private void extend(String letters, int i, Path path, List<List<Path>> at) {
    if (path.crossed > 0 && letters.charAt(i) == 'e') {
      at.get(i + 1)
          .add(new Path(path.before, path.last, -1, path.history, path.score, path.length));
      return;
    }
    for (int id : byFirstLetter.getOrDefault(letters.charAt(i), List.of())) {
      Correspondence c = all.get(id);
      String head = c.grapheme().head();
      boolean split = c.grapheme().isSplit();
      boolean mayCross = !c.sound().isVowel() && !split && path.crossed < MOST_CROSSED;
      if (!letters.startsWith(head, i) || path.isOpen() && !mayCross) {
        continue;
      }
      double score = path.score + pairs.log(path.history, id);
      int crossed = split ? 0 : path.isOpen() ? path.crossed + 1 : -1;
      at.get(i + head.length())
          .add(new Path(path, id, crossed, NGrams.after(path.history, id), score, path.length + 1));
    }
  }

  private static List<Path> best(List<Path> paths) {
    return paths.stream()
        .sorted(Comparator.comparingDouble(Path::score).reversed())
        .limit(BEAM)
        .toList();
  }

  private Segmentation cut(String letters, Path end) {
    List<Unit> units = new ArrayList<>();
    for (Path p = end; p != null && p.length > 0; p = p.before) {
      units.add(
          0,
          new Unit(all.get(p.last).sound(), all.get(p.last).grapheme(), Unit.Stress.NONE, false));
    }
    return Beats.cut(Segmentation.of(letters, Stressed.first(units)), -1);
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

  private static String key(Sound sound, String grapheme) {
    return sound.id() + "/" + grapheme;
  }
}

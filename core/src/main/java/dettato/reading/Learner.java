package dettato.reading;

import dettato.reading.Grower.Seen;
import dettato.sound.Accents;
import dettato.word.Lexicon;
import dettato.word.Segmentation;
import dettato.word.Unit;
import dettato.word.Word;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.IntStream;
import java.util.zip.CRC32;

/**
 * Learns {@link Trees} from the cuts of words: for each letter, which grapheme it begins; for each
 * grapheme, which sound it spells. Children's words count up to five times. The same words give the
 * same trees.
 */
public final class Learner {
  /** Trees to one question; more are slower and hardly better (8 gain half a word in a hundred). */
  private static final int TREES = 4;

  /** How much the commonest word counts beside the rarest. */
  private static final double COMMONEST = 5;

  private static final double RAREST_RANK = 50_000;

  /** No word has a q without its u, but children write it, and a teacher reads it so. */
  private static final Segmentation Q_ALONE = Segmentation.parse("q", "q:k");

  private final Map<String, List<Seen>> letters = new TreeMap<>();
  private final Map<String, List<Seen>> graphemes = new TreeMap<>();
  private final List<String> graphemeNames;
  private final List<String> soundNames;

  private Learner(Collection<Word> words) {
    Set<String> spelled = new TreeSet<>(Set.of("q"));
    Set<String> sounds = new TreeSet<>(Set.of("k"));
    for (Word word : words) {
      for (Unit unit : word.cut().units()) {
        spelled.add(unit.grapheme().text());
        sounds.add(unit.sound().id());
      }
    }
    this.graphemeNames = List.copyOf(spelled);
    this.soundNames = List.copyOf(sounds);
    add(Q_ALONE, 1);
    Set<String> seen = new HashSet<>();
    for (Word word : words) {
      boolean plain = word.apostrophe() < 0 && word.letters().matches("[a-z]+");
      if (plain && seen.add(word.letters() + " " + word.cut().format())) {
        add(word.cut(), weight(word));
      }
    }
  }

  /** A number for the words to learn from: another when a cut has changed, or a word has come. */
  public static String mark(Collection<Word> words) {
    CRC32 sum = new CRC32();
    words.forEach(word -> sum.update(word.cut().format().getBytes(StandardCharsets.UTF_8)));
    return Long.toHexString(sum.getValue());
  }

  /** All words that are shipped, of every accent. */
  public static List<Word> shipped() {
    return Accents.all().stream()
        .flatMap(accent -> Lexicon.shipped().words(accent.id()).stream())
        .distinct()
        .toList();
  }

  /**
   * The lines of {@code trees.tsv} without its head: of what, and the tree, with a tab between.
   *
   * @param words those with an apostrophe are passed over
   */
  public static List<String> learn(Collection<Word> words) {
    Learner learner = new Learner(words);
    List<String> lines = new ArrayList<>();
    lines.addAll(grow("letter ", learner.letters, learner.graphemeNames));
    lines.addAll(grow("", learner.graphemes, learner.soundNames));
    return lines;
  }

  private void add(Segmentation cut, int weight) {
    LetterMasks word = new LetterMasks(cut.spelling());
    for (int i = 0; i < cut.size(); i++) {
      Unit unit = cut.unit(i);
      int at = cut.start(i);
      String grapheme = unit.grapheme().text();
      letters
          .computeIfAbsent(word.spelling().substring(at, at + 1), k -> new ArrayList<>())
          .add(new Seen(word, at, at + 1, graphemeNames.indexOf(grapheme), weight));
      int to = at + unit.grapheme().headLength();
      graphemes
          .computeIfAbsent(grapheme, k -> new ArrayList<>())
          .add(new Seen(word, at, to, soundNames.indexOf(unit.sound().id()), weight));
    }
  }

  private static int weight(Word word) {
    double rank = Math.min(Math.max(1, word.rank()), RAREST_RANK);
    return (int) Math.max(1, Math.round(COMMONEST * (1 - Math.log(rank) / Math.log(RAREST_RANK))));
  }

  private static List<String> grow(String kind, Map<String, List<Seen>> of, List<String> answers) {
    return of.entrySet().parallelStream()
        .flatMap(
            e ->
                IntStream.range(0, TREES)
                    .mapToObj(
                        t ->
                            kind
                                + e.getKey()
                                + "\t"
                                + Grower.grow(
                                    e.getValue(), answers, e.getKey().hashCode() * 31L + t)))
        .toList();
  }
}

package dettato.reading;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import dettato.sound.Grapheme;
import dettato.word.Segmentation;
import dettato.word.Unit;
import dettato.word.Word;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Reads a spelling aloud, as a teacher reads a wrong spelling back to a child. Three witnesses are
 * weighed: what its letters say in the words of the lexicon where they stand among such letters
 * ({@link Trees}), which correspondences follow each other there ({@link Runs}), and what the
 * conventions say ({@link ReadingRules}). One spelling has one reading, whatever was meant, in
 * every accent. Deterministic.
 *
 * <p>Cost of a spelling not met lately: some fifty millionths of a second.
 */
public final class Reader {
  private static final int WAYS = 24;
  private static final int KEPT = 50_000;

  /** How much the run of correspondences counts beside the letters around. */
  private static final double IN_ONE_RUN = 0.5;

  /** What weighs against a reading that has no beat, where another has. */
  private static final double NO_BEAT = -15;

  /** Of a spelling without letters. */
  private static final Segmentation NOTHING = Segmentation.of("", List.of());

  private final Trees trees;
  private final Runs runs;

  /** By an inflected or derived word, the word that it is made of. */
  private final Map<String, String> bases = new HashMap<>();

  private final Cache<String, Read> kept = Caffeine.newBuilder().maximumSize(KEPT).build();

  private Reader(Trees trees, Collection<Word> words) {
    this.trees = trees;
    this.runs = new Runs(trees, words);
    words.forEach(w -> w.join().ifPresent(join -> bases.put(w.letters(), join.base())));
  }

  private static final class Shipped {
    static final Reader READER = new Reader(Trees.shipped(), Learner.shipped());
  }

  /** The one that learnt from the whole lexicon, made when first asked for. */
  public static Reader shipped() {
    return Shipped.READER;
  }

  /** One that learns now, from these words alone; takes seconds. */
  public static Reader learntFrom(Collection<Word> words) {
    return new Reader(Trees.of(Learner.learn(words)), words);
  }

  /**
   * A way to cut and say a spelling.
   *
   * @param cut without stress and beats
   * @param log the natural logarithm of how likely it is beside others of the same spelling
   */
  public record Reading(Segmentation cut, double log) {}

  /**
   * Cuts and reads a spelling of lower-case letters. What is no letter joins the unit before it
   * (or, at the start, the one after).
   */
  public static Segmentation read(String spelling) {
    return shipped().reading(spelling).learnt;
  }

  /** The same, with what the conventions do not allow said as they would have it. */
  public static Segmentation readLawfully(String spelling) {
    return shipped().reading(spelling).lawful;
  }

  /** A spelling as it is likeliest read, and within the conventions. */
  private record Read(Segmentation learnt, Segmentation lawful) {}

  private Read reading(String spelling) {
    Read known = kept.getIfPresent(spelling);
    if (known == null) {
      LetterMasks letters = new LetterMasks(spelling);
      Segmentation learnt = likeliest(letters);
      known = new Read(learnt, ReadingRules.lawful(letters, learnt));
      kept.put(spelling, known);
    }
    return known;
  }

  private Segmentation likeliest(LetterMasks word) {
    List<Weighed> ways = weighed(word, WAYS);
    if (ways.isEmpty()) {
      return NOTHING;
    }
    String base = bases.get(word.spelling());
    Segmentation first = cut(word, ways.get(0).run);
    return base == null || ways.size() == 1
        ? first
        : ways.stream()
            .map(way -> cut(word, way.run))
            .filter(cut -> isAlike(cut, reading(base).learnt))
            .findFirst()
            .orElse(first);
  }

  /** Whether a word is read as its base is; what its ending changes may differ. */
  private static boolean isAlike(Segmentation word, Segmentation base) {
    int same = base.spelling().endsWith("y") ? base.size() - 1 : base.size();
    boolean alike = word.size() >= same;
    for (int i = 0; alike && i < same; i++) {
      alike = word.unit(i).sound().equals(base.unit(i).sound());
    }
    return alike;
  }

  /** The likeliest readings, the likeliest first. */
  public List<Reading> readings(String spelling, int most) {
    LetterMasks word = new LetterMasks(spelling);
    return weighed(word, Math.max(most, WAYS)).stream()
        .limit(most)
        .map(w -> new Reading(cut(word, w.run), w.log))
        .toList();
  }

  /** A way through a spelling with all that speaks for it. */
  private record Weighed(Deque<Lattice.Step> run, double log) {}

  private List<Weighed> weighed(LetterMasks word, int most) {
    List<Lattice.Way> ways = new Lattice(trees, word).best(most);
    if (ways.size() == 1) {
      return List.of(new Weighed(run(ways.get(0)), 0));
    }
    List<Weighed> weighed = new ArrayList<>();
    for (Lattice.Way way : ways) {
      Deque<Lattice.Step> run = run(way);
      double beat = hasVowel(run) ? 0 : NO_BEAT;
      weighed.add(new Weighed(run, way.log() + IN_ONE_RUN * runs.log(run) + beat));
    }
    weighed.sort(Comparator.comparingDouble(w -> -w.log));
    return weighed;
  }

  private boolean hasVowel(Deque<Lattice.Step> run) {
    return run.stream().anyMatch(s -> s.sound() >= 0 && trees.sound(s.sound()).isVowel());
  }

  private static Deque<Lattice.Step> run(Lattice.Way end) {
    Deque<Lattice.Step> run = new ArrayDeque<>();
    for (Lattice.Way way = end; way != null && way.last() != null; way = way.before()) {
      run.addFirst(way.last());
    }
    return run;
  }

  private Segmentation cut(LetterMasks word, Deque<Lattice.Step> run) {
    String spelling = word.spelling();
    List<Unit> units = new ArrayList<>();
    String mute = "";
    int end = 0;
    for (Lattice.Step step : run) {
      Unit last = units.isEmpty() ? null : units.get(units.size() - 1);
      if (step.grapheme() >= 0) {
        Grapheme own = trees.grapheme(step.grapheme());
        Grapheme grapheme = mute.isEmpty() ? own : new Grapheme(mute + own.text());
        units.add(new Unit(trees.sound(step.sound()), grapheme, Unit.Stress.NONE, false));
        mute = "";
      } else if (last == null || last.grapheme().isSplit()) {
        mute += spelling.substring(step.from(), step.to());
      } else {
        String letters = spelling.substring(end, step.to());
        units.set(units.size() - 1, last.spelled(last.grapheme().text() + letters));
        if (step.from() > end) {
          close(units);
        }
      }
      end = step.to();
    }
    return units.isEmpty() ? NOTHING : Segmentation.of(spelling, units);
  }

  /** The last split grapheme without its e, which now stands inside the last unit. */
  private static void close(List<Unit> units) {
    for (int i = units.size() - 1; i >= 0; i--) {
      Unit unit = units.get(i);
      if (unit.grapheme().isSplit()) {
        units.set(i, unit.spelled(unit.grapheme().head()));
        return;
      }
    }
  }
}

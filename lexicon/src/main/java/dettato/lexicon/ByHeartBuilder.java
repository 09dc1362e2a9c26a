package dettato.lexicon;

import dettato.plan.Stage;
import dettato.plan.TeachingSequence;
import dettato.rule.RuleBook;
import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.text.Sentence;
import dettato.text.SentenceBank;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * Derives which words are learnt by heart at which step: at each, the few words that make the most
 * of our sentences writable. Such a word is among the very commonest, or is common and has a part
 * that is rare or that a rule would have otherwise; it is not to be taught by its parts soon, and a
 * sentence needs it by then.
 */
public final class ByHeartBuilder {
  private static final int PER_STEP = 3;
  private static final int EARLY = 10;
  private static final int IN_EARLY = 12;

  /** A word whose parts are taught within so many steps waits for them. */
  private static final int SOON = 4;

  /** A common word is among so many at step 1, and among so many more at each step. */
  private static final int COMMON = 100;

  private static final int MORE_COMMON = 30;
  private static final int COMMONEST = 150;

  private final Accent accent = Accents.of(Accents.SOUTHERN_BRITISH);
  private final Lexicon lexicon = Lexicon.shipped();
  private TeachingSequence order = new TeachingSequence(TeachingSequence.shipped().steps());
  private final int rare =
      order.steps().stream()
          .filter(s -> s.stage().filter(Stage.RARE::equals).isPresent())
          .mapToInt(TeachingSequence.Step::number)
          .min()
          .orElseThrow();
  private final List<TeachingSequence.ByHeart> chosen = new ArrayList<>();
  private final List<Set<String>> sentences = new ArrayList<>();
  private final Map<String, Word> words = new HashMap<>();

  private ByHeartBuilder() {
    SentenceBank.shipped().forEach(s -> read(s).ifPresent(sentences::add));
  }

  /**
   * @param args the table to write
   */
  public static void main(String[] args) throws IOException {
    ByHeartBuilder builder = new ByHeartBuilder();
    List<String> rows = builder.rows();
    Files.writeString(
        Path.of(args[0]),
        "# Derived by lexicon/ from our sentences and our order of teaching, for a school to edit: words known whole from a step on.\n"
            + "# sentences: how many of ours can be written from then on that need it.\nstep\tword\tsentences\n"
            + String.join("\n", rows)
            + "\n");
    System.out.println(rows.size() + " words by heart");
  }

  /** The spellings that a sentence needs; none where a word of it is unknown. */
  private Optional<Set<String>> read(Sentence sentence) {
    Set<String> needs = new TreeSet<>();
    for (String written : sentence.words()) {
      String small = written.toLowerCase(Locale.ROOT).replace('’', '\'');
      Optional<Word> word =
          lexicon
              .find(small, accent.id())
              .or(() -> lexicon.find(small.replaceAll("'s$|'$", ""), accent.id()));
      if (word.isEmpty()) {
        return Optional.empty();
      }
      words.put(word.get().spelling(), word.get());
      needs.add(word.get().spelling());
    }
    return Optional.of(needs);
  }

  private List<String> rows() {
    List<String> rows = new ArrayList<>();
    for (int step = 1; step <= order.last(); step++) {
      int room = step > EARLY ? PER_STEP : Math.min(PER_STEP, IN_EARLY - chosen.size());
      Set<String> taken = taken(step, room);
      for (String word : taken) {
        chosen.add(new TeachingSequence.ByHeart(step, word));
      }
      order = new TeachingSequence(order.steps(), chosen);
      for (String word : taken) {
        rows.add(step + "\t" + word + "\t" + needing(word, step));
      }
    }
    return rows;
  }

  private long needing(String word, int step) {
    return sentences.stream().filter(s -> s.contains(word) && missing(s, step).isEmpty()).count();
  }

  private Set<String> taken(int step, int room) {
    Map<Set<String>, Integer> gains = new HashMap<>();
    for (Set<String> sentence : sentences) {
      Set<String> missing = missing(sentence, step);
      if (!missing.isEmpty()
          && missing.size() <= room
          && missing.stream().allMatch(w -> mayBe(w, step))) {
        gains.merge(missing, 1, Integer::sum);
      }
    }
    Set<String> taken = new TreeSet<>();
    while (taken.size() < room) {
      Optional<Set<String>> more = best(gains, taken, room);
      if (more.isEmpty()) {
        break;
      }
      taken.addAll(more.get());
    }
    return taken;
  }

  /** What makes the most sentences for each word it adds, the common ones counting more. */
  private Optional<Set<String>> best(Map<Set<String>, Integer> gains, Set<String> taken, int room) {
    return gains.keySet().stream()
        .filter(s -> !taken.containsAll(s))
        .filter(s -> union(s, taken).size() <= room)
        .max(
            Comparator.<Set<String>>comparingDouble(s -> worth(s, taken, gains))
                .thenComparing(Set::toString));
  }

  private double worth(Set<String> some, Set<String> taken, Map<Set<String>, Integer> gains) {
    Set<String> all = union(some, taken);
    double gain =
        gains.entrySet().stream()
            .filter(e -> all.containsAll(e.getKey()) && !taken.containsAll(e.getKey()))
            .mapToDouble(Map.Entry::getValue)
            .sum();
    int rank = some.stream().mapToInt(w -> word(w).rank()).max().orElse(0);
    return gain / (all.size() - taken.size()) / Math.sqrt(rank + 50.0);
  }

  private static Set<String> union(Set<String> some, Set<String> others) {
    Set<String> all = new TreeSet<>(some);
    all.addAll(others);
    return all;
  }

  private boolean mayBe(String spelling, int step) {
    Word word = word(spelling);
    boolean inflected = word.join().isPresent();
    boolean soon = order.taughtAt(word, accent).filter(at -> at <= step + SOON).isPresent();
    boolean common =
        word.rank() <= COMMONEST || word.rank() <= COMMON + MORE_COMMON * step && isOdd(word);
    return !soon && !inflected && common && !word.isName();
  }

  private boolean isOdd(Word word) {
    return !RuleBook.irregular(word).isEmpty()
        || word.cut().units().stream()
            .anyMatch(u -> order.taughtAt(u, accent).filter(at -> at < rare).isEmpty());
  }

  private Set<String> missing(Set<String> sentence, int step) {
    Set<String> missing = new TreeSet<>();
    for (String spelling : sentence) {
      if (!order.isTaught(word(spelling), step, accent)) {
        missing.add(spelling);
      }
    }
    return missing;
  }

  private Word word(String spelling) {
    return Objects.requireNonNull(words.get(spelling));
  }
}

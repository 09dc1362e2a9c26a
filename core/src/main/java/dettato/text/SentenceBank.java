package dettato.text;

import dettato.plan.TeachingSequence;
import dettato.sound.Accent;
import dettato.table.Table;
import dettato.word.Lexicon;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Our own sentences, read in one accent, to be searched by what their words ask. */
public final class SentenceBank {
  /** Any number of words. */
  public static final int ANY = 0;

  private final SentenceReader reader;
  private final List<ReadSentence> all;
  private final Set<ReadSentence> own;

  /**
   * What is wanted; each filter that is empty, or 0, leaves all through.
   *
   * @param sound in IPA of the accent; {@code grapheme} is one of its spellings
   * @param step bars sentences of ours that need more than is taught by it; what a school wrote
   *     itself is shown with what it needs
   * @param from fewest words, {@code to} the most
   * @param names whether it has a name in it
   * @param text letters that it holds
   * @param seed for the order among those that fit equally well
   */
  public record Query(
      String rule,
      String condition,
      String sound,
      String grapheme,
      int step,
      int from,
      int to,
      Optional<Boolean> names,
      Optional<Sentence.Kind> kind,
      String text,
      long seed) {}

  public SentenceBank(Lexicon lexicon, Accent accent, TeachingSequence sequence) {
    this(new SentenceReader(lexicon, accent, sequence), shipped());
  }

  private SentenceBank(SentenceReader reader, List<Sentence> sentences) {
    this(reader, sentences.stream().map(reader::read).toList(), Set.of());
  }

  private SentenceBank(SentenceReader reader, List<ReadSentence> all, Set<ReadSentence> own) {
    this.reader = reader;
    this.all = all;
    this.own = own;
  }

  /** The same with a school's own sentences. */
  public SentenceBank with(List<Sentence> own) {
    Set<ReadSentence> read = own.stream().map(reader::read).collect(Collectors.toSet());
    return new SentenceBank(reader, Stream.concat(read.stream(), all.stream()).toList(), read);
  }

  /** Ours, kept in {@code sentences.tsv}. */
  public static List<Sentence> shipped() {
    return Shipped.ALL;
  }

  private static final class Shipped {
    static final List<Sentence> ALL =
        Table.load(SentenceBank.class, "sentences.tsv", row -> new Sentence(row.get("sentence")));
  }

  public List<ReadSentence> all() {
    return all;
  }

  /** Those that fit, the ones that ask most of what is wanted first, a school's own before ours. */
  public List<ReadSentence> find(Query query) {
    Predicate<ReadSentence> fits = filter(query);
    List<ReadSentence> found = new ArrayList<>(all.stream().filter(fits).toList());
    Collections.shuffle(found, new Random(query.seed));
    found.sort(
        Comparator.<ReadSentence>comparingLong(s -> -asked(s, query))
            .thenComparing(s -> !own.contains(s)));
    return found;
  }

  /** Letters of a sentence that have what is asked for, each run from one index to another. */
  public List<Span> spans(Sentence sentence, Query query) {
    return reader.spans(
        sentence,
        (rule, condition) -> isAsked(new ReadSentence.Test(rule, condition, ""), query),
        spelled -> isAnySpelled(query) && isSpelled(spelled, query));
  }

  private static boolean isAnySpelled(Query q) {
    return !q.sound.isEmpty() || !q.grapheme.isEmpty();
  }

  private static long asked(ReadSentence sentence, Query query) {
    return sentence.tests().stream().filter(t -> isAsked(t, query)).count();
  }

  private static boolean isAsked(ReadSentence.Test test, Query query) {
    boolean rule = !query.rule.isEmpty() && test.rule().equals(query.rule);
    return query.condition.isEmpty() ? rule : test.condition().equals(query.condition);
  }

  private Predicate<ReadSentence> filter(Query q) {
    List<Predicate<ReadSentence>> all = new ArrayList<>();
    if (!q.rule.isEmpty() || !q.condition.isEmpty()) {
      all.add(s -> asked(s, q) > 0);
    }
    if (isAnySpelled(q)) {
      all.add(s -> s.spelled().stream().anyMatch(spelled -> isSpelled(spelled, q)));
    }
    if (q.step > 0) {
      all.add(s -> own.contains(s) || s.isTaught(q.step));
    }
    if (q.from > ANY) {
      all.add(s -> s.words() >= q.from);
    }
    if (q.to > ANY) {
      all.add(s -> s.words() <= q.to);
    }
    q.names.ifPresent(wanted -> all.add(s -> s.names().isEmpty() != wanted));
    q.kind.ifPresent(kind -> all.add(s -> s.sentence().kind() == kind));
    if (!q.text.isEmpty()) {
      String text = q.text.toLowerCase(Locale.ROOT);
      all.add(s -> s.sentence().text().toLowerCase(Locale.ROOT).contains(text));
    }
    return all.stream().reduce(s -> true, Predicate::and);
  }

  private static boolean isSpelled(String spelled, Query q) {
    int sign = spelled.indexOf('=');
    boolean sound = q.sound.isEmpty() || spelled.substring(0, sign).equals(q.sound);
    return sound && (q.grapheme.isEmpty() || spelled.substring(sign + 1).equals(q.grapheme));
  }
}

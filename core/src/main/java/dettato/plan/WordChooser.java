package dettato.plan;

import dettato.rule.Opportunity;
import dettato.rule.RuleBook;
import dettato.rule.SpellingRule;
import dettato.sound.Accent;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Chooses words for a rule: both sides of the contrast, in an order nobody can guess. The same seed
 * gives the same words.
 */
public final class WordChooser {
  private static final int WINDOW = 4;
  private static final int EASY_WINDOW = 1;

  /** Few sounds, then common. */
  private static final Comparator<Word> EASE =
      Comparator.<Word>comparingInt(w -> w.cut().size())
          .thenComparingInt(Word::rank)
          .thenComparing(Word::spelling);

  /**
   * What is asked for.
   *
   * @param count how many words
   * @param step up to which step of the sequence graphemes are taught
   * @param easiestFirst whether the easiest words are taken, and easy ones come before hard ones,
   *     as far as the sides allow
   * @param without spellings not to be taken, such as those of this month
   * @param broken conditions that come before the others
   * @param ahead whether words with untaught graphemes are taken when taught ones run out
   * @param seed for the order
   */
  public record Request(
      String rule,
      int count,
      int step,
      boolean easiestFirst,
      Set<String> without,
      Set<String> broken,
      boolean ahead,
      long seed) {
    public Request {
      without = Set.copyOf(without);
      broken = Set.copyOf(broken);
    }

    /** The same with no condition before the others. */
    public Request(
        String rule, int count, int step, boolean easiestFirst, Set<String> without, long seed) {
      this(rule, count, step, easiestFirst, without, Set.of(), false, seed);
    }
  }

  private final Lexicon lexicon;
  private final Accent accent;
  private final TeachingSequence sequence;

  /** Words in which a rule decides, the easiest first; by rule, and whatever is taught when. */
  private final Map<String, List<Placed>> placed;

  public WordChooser(Lexicon lexicon, Accent accent, TeachingSequence sequence) {
    this(lexicon, accent, sequence, new ConcurrentHashMap<>());
  }

  private WordChooser(
      Lexicon lexicon, Accent accent, TeachingSequence sequence, Map<String, List<Placed>> placed) {
    this.lexicon = lexicon;
    this.accent = accent;
    this.sequence = sequence;
    this.placed = placed;
  }

  /** The same words, taught in another order. */
  public WordChooser by(TeachingSequence other) {
    return new WordChooser(lexicon, accent, other, placed);
  }

  /**
   * Every word that may be proposed for a rule, the easiest first: few sounds, then common.
   * Untaught graphemes are those after {@code step}.
   */
  public List<Choice> candidates(String rule, int step) {
    return placed.computeIfAbsent(rule, id -> place(RuleBook.of(id))).stream()
        .map(p -> new Choice(p.word, p.at, sequence.untaught(p.word, step, accent)))
        .toList();
  }

  /**
   * Words for a rule, about as many from each side and each condition, all taught, of words that
   * children know. Fewer than asked when there are not enough.
   */
  public List<Choice> choose(Request request) {
    Random random = new Random(request.seed());
    List<Choice> free =
        candidates(request.rule(), request.step()).stream()
            .filter(c -> !request.without().contains(c.word().spelling()))
            .toList();
    List<Choice> taught = free.stream().filter(Choice::isTaught).toList();
    Pick pick = new Pick(request.easiestFirst() ? EASY_WINDOW : WINDOW, random);
    List<Choice> mayBeDue = side(taught, true);
    List<Choice> mayNot = side(taught, false);
    boolean onlyNot = !isBroken(mayBeDue, request) && isBroken(mayNot, request);
    int half = (request.count() + (onlyNot ? 0 : 1)) / 2;
    List<Choice> due = pick.of(mayBeDue, half, request.broken());
    List<Choice> notDue = pick.of(mayNot, request.count() - due.size(), request.broken());
    if (due.size() + notDue.size() < request.count()) {
      due = pick.of(mayBeDue, request.count() - notDue.size(), request.broken());
    }
    if (request.ahead()) {
      List<Choice> later = free.stream().filter(c -> !c.isTaught()).toList();
      due = more(due, pick.of(side(later, true), half - due.size(), request.broken()));
      int left = request.count() - due.size() - notDue.size();
      notDue = more(notDue, pick.of(side(later, false), left, request.broken()));
    }
    if (request.easiestFirst()) {
      Comparator<Choice> easiest = Comparator.comparing(Choice::word, EASE);
      due = due.stream().sorted(easiest).toList();
      notDue = notDue.stream().sorted(easiest).toList();
    }
    return Unpredictable.mix(List.of(due, notDue), random);
  }

  private static List<Choice> more(List<Choice> some, List<Choice> others) {
    return Stream.concat(some.stream(), others.stream()).toList();
  }

  private static boolean isBroken(List<Choice> side, Request request) {
    return side.stream().anyMatch(c -> request.broken().contains(c.at().condition().id()));
  }

  /** A word in which a rule decides the last such place and all others alike. */
  private record Placed(Word word, Opportunity at) {}

  private List<Placed> place(SpellingRule rule) {
    return lexicon.words(accent.id()).stream()
        .filter(w -> w.use() == Word.Use.CHOOSE && w.cut().size() > 1)
        .flatMap(w -> place(rule, w))
        .sorted(Comparator.comparing(Placed::word, EASE))
        .toList();
  }

  private static Stream<Placed> place(SpellingRule rule, Word word) {
    List<Opportunity> places = rule.places(word);
    boolean regular =
        !places.isEmpty()
            && places.stream().map(Opportunity::side).distinct().count() == 1
            && places.stream()
                .allMatch(p -> p.due().contains(word.cut().unit(p.unit()).grapheme().text()));
    return regular ? Stream.of(new Placed(word, places.get(places.size() - 1))) : Stream.empty();
  }

  private static List<Choice> side(List<Choice> all, boolean special) {
    return all.stream().filter(c -> c.side().isSpecial() == special).collect(Collectors.toList());
  }
}

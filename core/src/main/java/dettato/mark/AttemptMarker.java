package dettato.mark;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import dettato.rule.Outcome;
import dettato.sound.Accent;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Marks attempts at words, sound by sound, in one accent. Words once seen are kept ready, up to a
 * limit. Safe to share between threads.
 */
public final class AttemptMarker {
  /** Changes when a judgement may come out differently; cached marks name it. */
  public static final String VERSION = "10";

  private static final int KEPT = 20_000;

  /** What keeps letters that are all right from being right; a capital does not. */
  private static final Set<String> APART = Set.of("gap", "hyphen", "apostrophe");

  private final Accent accent;
  private final Lexicon lexicon;
  private final Cache<Word, Target> ready;

  /**
   * @param lexicon where other real words are looked up
   */
  public AttemptMarker(Accent accent, Lexicon lexicon) {
    this(accent, lexicon, Caffeine.newBuilder().maximumSize(KEPT).build());
  }

  private AttemptMarker(Accent accent, Lexicon lexicon, Cache<Word, Target> ready) {
    this.accent = accent;
    this.lexicon = lexicon;
    this.ready = ready;
  }

  /** The same where other words are real; what is ready is shared. */
  public AttemptMarker with(Lexicon other) {
    return new AttemptMarker(accent, other, ready);
  }

  public Accent accent() {
    return accent;
  }

  /**
   * Judges what was written for a word. Anything a child can write is judged, nothing thrown;
   * letters past the sixtieth are one extra.
   */
  public Mark mark(Word word, String attempt) {
    Target target = target(word);
    Letters plain = Letters.of(attempt, word.lettersAfterApostrophe());
    boolean name = !plain.text().isEmpty() && target.capital;
    Letters letters = name ? plain.ofName(attempt.strip()) : plain;
    if (letters.text().isEmpty()) {
      return blank(target, attempt, letters);
    }
    if (letters.text().equals(word.letters())) {
      return right(target, attempt, letters);
    }
    return Judgement.of(target, lexicon, attempt, letters).mark();
  }

  /**
   * How sure a mark is, and what else could explain the attempt. Costs several times what {@link
   * #mark} does, so it is asked for apart.
   */
  public Certainty certainty(Mark mark) {
    Letters letters = Letters.of(mark.attempt(), mark.target().lettersAfterApostrophe());
    boolean plain = mark.result() == Result.RIGHT || mark.result() == Result.BLANK;
    return plain || letters.text().equals(mark.target().letters())
        ? Certainty.FULL
        : Certainty.of(target(mark.target()), lexicon, mark, letters);
  }

  private Target target(Word word) {
    return ready.get(word, w -> new Target(w, accent));
  }

  /** Its letters are the model's; a gap, a hyphen or an apostrophe may still be wrong. */
  private Mark right(Target target, String attempt, Letters letters) {
    List<RuleMark> rules = new ArrayList<>(target.opportunities.size());
    target.opportunities.forEach(
        o -> rules.add(new RuleMark(o, Outcome.APPLIED, target.units[o.unit()].grapheme)));
    List<String> oddities = letters.oddities();
    Optional<Word> other =
        oddities.contains("apostrophe")
            ? lexicon.find(attempt.strip(), accent.id()).filter(w -> !w.equals(target.word))
            : Optional.empty();
    Optional<Mark.RealWord> real = other.map(target::comparedWith);
    boolean another = real.filter(Mark.RealWord.ANOTHER::equals).isPresent();
    boolean apart = oddities.stream().anyMatch(APART::contains);
    return new Mark(
        target.word,
        attempt,
        another ? Result.READS_OTHERWISE : apart ? Result.READS_RIGHT : Result.RIGHT,
        List.of(target.exact),
        List.of(),
        List.of(),
        rules,
        other.map(w -> w.cut().ipa(accent)).orElse(target.model.ipa),
        real,
        oddities,
        List.of(),
        0);
  }

  private Mark blank(Target target, String attempt, Letters letters) {
    List<UnitMark> units = new ArrayList<>();
    int points = 0;
    for (UnitForms unit : target.units) {
      units.add(new UnitMark("", Verdict.MISSING, Optional.empty()));
      points += unit.missing;
    }
    List<RuleMark> rules = Outcomes.untested(target);
    return new Mark(
        target.word,
        attempt,
        Result.BLANK,
        units,
        List.of(),
        List.of(),
        rules,
        "",
        Optional.empty(),
        letters.oddities(),
        List.of(),
        points);
  }
}

package dettato.plan;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import dettato.reading.Reader;
import dettato.rule.RuleBook;
import dettato.sound.Accent;
import dettato.sound.Correspondence;
import dettato.sound.Correspondences;
import dettato.spell.LegalSpellings;
import dettato.word.Lexicon;
import dettato.word.NeverWritten;
import dettato.word.Segmentation;
import dettato.word.Unit;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Makes words of one beat or two that are none: an onset and a rime that real words have, or the
 * first beat of one and the second of another, joined anew. No run of three letters is new, no word
 * is real, sounds like a real one, differs from one by doubling alone, or is, sounds like, rhymes
 * but for its vowel with or is one letter from an unsuitable one; in one list no rime comes twice
 * and no beginning of two beats more than twice. The same seed gives the same words.
 */
public final class InventedWords {
  private static final int BARREN = 500;
  private static final int THREE = 3;
  private static final Set<String> VELAR = Set.of("k", "ɡ");

  /** Words such as they, which alone begin as they do. */
  private static final String FUNCTION = "f";

  /**
   * What is asked for.
   *
   * @param rule id of a rule that must decide in the word, "" for any
   * @param grapheme that the word must have, "" for any
   * @param sound that the grapheme must spell, in IPA of the accent, "" for any
   * @param sounds how many units, 0 for any
   * @param beats one or two
   * @param step up to which step of the sequence graphemes are taught
   */
  public record Request(
      String rule,
      String grapheme,
      String sound,
      int sounds,
      int beats,
      int step,
      int count,
      long seed) {

    /** The same whatever the count and the seed. */
    private Request any() {
      return new Request(rule, grapheme, sound, sounds, beats, step, 0, 0);
    }
  }

  /**
   * A word that is none.
   *
   * @param legal every legal spelling of its sounds, the commonest correspondences first
   */
  public record Invented(Word word, List<String> legal) {
    public Invented {
      legal = List.copyOf(legal);
    }
  }

  private final Accent accent;

  /** What no invented word has: so many, since it takes a look at every pair. */
  private final Cache<Request, Boolean> barren = Caffeine.newBuilder().maximumSize(BARREN).build();

  private final TeachingSequence sequence;
  private final InventedParts oneBeat;
  private final InventedParts twoBeats;
  private final RealWords real;
  private final Misheard misheard;
  private final Set<String> written;

  public InventedWords(Lexicon lexicon, Accent accent, TeachingSequence sequence) {
    this(lexicon, accent, sequence, new OtherWords(accent));
  }

  /**
   * @param others words that the lexicon does not have, in this accent
   */
  public InventedWords(
      Lexicon lexicon, Accent accent, TeachingSequence sequence, OtherWords others) {
    this.accent = accent;
    this.sequence = sequence;
    List<Word> models =
        lexicon.words(accent.id()).stream()
            .filter(w -> w.use() == Word.Use.CHOOSE && w.join().isEmpty() && w.seam() < 0)
            .filter(w -> w.irregular().isEmpty() && w.apostrophe() < 0)
            .filter(w -> !w.pos().contains(FUNCTION))
            .toList();
    this.oneBeat = InventedParts.of(models.stream().filter(Word::isOneBeat), InventedWords::vowel);
    this.twoBeats =
        InventedParts.of(models.stream().filter(InventedWords::isTrochee), InventedWords::second);
    this.real = new RealWords(lexicon, accent, others);
    this.misheard = new Misheard(accent);
    this.written =
        models.stream()
            .flatMap(w -> threes(w.letters()).stream())
            .collect(Collectors.toCollection(HashSet::new));
  }

  private InventedWords(InventedWords same, TeachingSequence sequence) {
    this.accent = same.accent;
    this.sequence = sequence;
    this.oneBeat = same.oneBeat;
    this.twoBeats = same.twoBeats;
    this.real = same.real;
    this.misheard = same.misheard;
    this.written = same.written;
  }

  /** The same words, taught in another order. */
  public InventedWords by(TeachingSequence other) {
    return new InventedWords(this, other);
  }

  /** Whether words have all of its runs of three letters; cheap, and asked of every pair. */
  private boolean isWritten(String letters) {
    return letters.isEmpty() || written.containsAll(threes(letters));
  }

  /** Every run of three letters, those of the ends with a space. */
  private static List<String> threes(String letters) {
    String all = " " + letters + " ";
    return IntStream.rangeClosed(0, all.length() - THREE)
        .mapToObj(i -> all.substring(i, i + THREE))
        .toList();
  }

  /** Two beats, the first the louder. */
  private static boolean isTrochee(Word word) {
    return word.cut().beats() == 2
        && second(word) > 0
        && word.cut().units().subList(0, second(word)).stream()
            .anyMatch(u -> u.stress() == Unit.Stress.MAIN);
  }

  /** The unit that opens the second beat; 0 when none does. */
  private static int second(Word word) {
    for (int i = 1; i < word.cut().size(); i++) {
      if (word.cut().unit(i).opensBeat()) {
        return i;
      }
    }
    return 0;
  }

  /**
   * Words as asked for; fewer when there are not so many.
   *
   * @throws IllegalArgumentException when there is no such rule
   */
  public List<Invented> choose(Request request) {
    if (!request.rule.isEmpty()) {
      RuleBook.of(request.rule);
    }
    Request any = request.any();
    if (barren.getIfPresent(any) != null) {
      return List.of();
    }
    InventedParts parts = request.beats == 2 ? twoBeats : oneBeat;
    IntPredicate mayBe = mayBe(parts, request);
    List<Invented> made = new ArrayList<>();
    Variety variety = new Variety(parts);
    for (int pair : parts.order(request.seed)) {
      if (made.size() < request.count && variety.allows(pair) && mayBe.test(pair)) {
        Optional.of(join(parts.first(pair), parts.last(pair)))
            .filter(word -> decides(word, request.rule) && isSpelled(word) && isNew(word))
            .map(word -> new Invented(word, legal(word)))
            .filter(one -> one.legal.contains(one.word.spelling()))
            .filter(one -> variety.takes(pair, real.heard(one.word.cut())))
            .ifPresent(made::add);
      }
    }
    if (made.isEmpty()) {
      barren.put(any, true);
    }
    return made;
  }

  /**
   * None when one of them is a real word, since it sounds like that word, or begins with one that
   * no class should meet.
   */
  private List<String> legal(Word word) {
    List<String> all = LegalSpellings.of(word.cut(), accent);
    boolean taken = all.stream().anyMatch(l -> real.isOne(l) || Misheard.begins(l));
    return taken ? List.of() : all;
  }

  private static int vowel(Word word) {
    int at = 0;
    while (!word.cut().unit(at).sound().isVowel()) {
      at++;
    }
    return at;
  }

  /** What can be told of a pair from its parts; cheap, and asked of every pair. */
  private IntPredicate mayBe(InventedParts parts, Request request) {
    Predicate<Unit> asked =
        u ->
            u.grapheme().text().equals(request.grapheme)
                && (request.sound.isEmpty() || accent.say(u.sound()).equals(request.sound));
    Predicate<List<Unit>> has = part -> part.stream().anyMatch(asked);
    Predicate<List<Unit>> taught =
        part ->
            part.stream().allMatch(u -> sequence.isTaught(u, request.step, accent))
                && (isPlainlyBegun(part) || has.test(part));
    IntPredicate isTaught = parts.both(taught);
    IntPredicate isAsked = request.grapheme.isEmpty() ? pair -> true : parts.either(has);
    return pair ->
        (request.sounds == 0 || parts.units(pair) == request.sounds)
            && isTaught.test(pair)
            && isAsked.test(pair)
            && isWritten(parts.letters(pair));
  }

  /** Not by letters that only some words begin with, such as kn, which no ear tells. */
  private static boolean isPlainlyBegun(List<Unit> part) {
    return part.stream()
        .findFirst()
        .filter(u -> !u.sound().isVowel())
        .flatMap(u -> Correspondences.find(u.sound(), u.grapheme()))
        .filter(c -> c.use() != Correspondence.Use.COMMON)
        .isEmpty();
  }

  private static Word join(List<Unit> first, List<Unit> last) {
    List<Unit> units = new ArrayList<>();
    for (Unit unit : first) {
      units.add(unit.withBeat(units.isEmpty()));
    }
    for (Unit unit : last) {
      units.add(unit.withBeat(units.isEmpty() || unit.opensBeat()));
    }
    return Word.invented(Segmentation.of(units));
  }

  private static boolean decides(Word word, String rule) {
    return rule.isEmpty() || !RuleBook.of(rule).places(word).isEmpty();
  }

  /** Whether the parts spell together, and read as they sound when they do. */
  private boolean isSpelled(Word word) {
    String ipa = word.cut().ipa(accent);
    return word.cut().size() > 1
        && written.containsAll(threes(word.letters()))
        && !real.sounds(word.cut())
        && Reader.read(word.letters()).units().stream()
            .map(u -> accent.say(u.sound()))
            .collect(Collectors.joining())
            .equals(ipa)
        && RuleBook.broken(word) == 0;
  }

  private boolean isNew(Word word) {
    return !NeverWritten.isIn(word.spelling())
        && !hasHardN(word.cut())
        && !real.mayBeMeant(word)
        && !misheard.isUnsuitable(word.cut());
  }

  /** /n/ before /k/ or /ɡ/ becomes /ŋ/ in the mouth. */
  private static boolean hasHardN(Segmentation cut) {
    return IntStream.range(1, cut.size())
        .anyMatch(
            i ->
                cut.unit(i - 1).sound().last().id().equals("n")
                    && VELAR.contains(cut.unit(i).sound().first().id()));
  }
}

package dettato.plan;

import dettato.rule.RuleBook;
import dettato.sound.Accent;
import dettato.spell.LegalSpellings;
import dettato.word.Lexicon;
import dettato.word.NeverWritten;
import dettato.word.Reader;
import dettato.word.Segmentation;
import dettato.word.Unit;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Makes words of one beat or two that are none: an onset and a rime that real words have, or the
 * first beat of one and the second of another, joined anew. No run of three letters is new, no word
 * is real, sounds like a real one, or is, sounds like or is one letter from an unsuitable one. The
 * same seed gives the same words.
 */
public final class InventedWords {
  private static final int HEARD_OFTEN = 2;
  private static final int THREE = 3;

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

  private final Lexicon lexicon;
  private final Accent accent;

  /** What no invented word has; looked for once. */
  private final Set<Request> barren = ConcurrentHashMap.newKeySet();

  private final TeachingSequence sequence;
  private final Parts oneBeat;
  private final Parts twoBeats;
  private final Set<String> real;
  private final Set<String> written;

  public InventedWords(Lexicon lexicon, Accent accent, TeachingSequence sequence) {
    this.lexicon = lexicon;
    this.accent = accent;
    this.sequence = sequence;
    List<Word> models =
        lexicon.words(accent.id()).stream()
            .filter(w -> w.use() == Word.Use.CHOOSE && w.join().isEmpty() && w.seam() < 0)
            .filter(w -> w.irregular().isEmpty() && w.apostrophe() < 0)
            .toList();
    this.oneBeat = Parts.of(models.stream().filter(Word::isOneBeat), InventedWords::vowel);
    this.twoBeats =
        Parts.of(models.stream().filter(InventedWords::isTrochee), InventedWords::second);
    this.real =
        lexicon.words(accent.id()).stream()
            .map(w -> w.cut().ipa(accent))
            .collect(Collectors.toCollection(HashSet::new));
    this.written =
        models.stream()
            .flatMap(w -> threes(w.letters()).stream())
            .collect(Collectors.toCollection(HashSet::new));
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

  /** First and last parts that real words have. */
  private record Parts(
      List<List<Unit>> first, List<List<Unit>> last, List<String> heads, List<String> tails) {
    private Parts(List<List<Unit>> first, List<List<Unit>> last) {
      this(first, last, written(first), written(last));
    }

    /** Both parts' letters, "" where the e of a split digraph stands apart from them. */
    private static List<String> written(List<List<Unit>> parts) {
      return parts.stream()
          .map(
              p ->
                  p.stream().anyMatch(u -> u.grapheme().isSplit())
                      ? ""
                      : p.stream().map(u -> u.grapheme().text()).collect(Collectors.joining()))
          .toList();
    }

    /** What a pair, by its number, is written like; "" where that must be looked at. */
    String letters(int pair) {
      String head = heads.get(pair / last.size());
      String tail = tails.get(pair % last.size());
      return tail.isEmpty() || head.isEmpty() && !first.get(pair / last.size()).isEmpty()
          ? ""
          : head + tail;
    }

    static Parts of(Stream<Word> models, ToIntFunction<Word> at) {
      List<Word> all = models.toList();
      return new Parts(
          often(all.stream().map(w -> w.cut().units().subList(0, at.applyAsInt(w))).toList()),
          often(
              all.stream()
                  .map(w -> w.cut().units().subList(at.applyAsInt(w), w.cut().size()))
                  .toList()));
    }
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
    if (barren.contains(any)) {
      return List.of();
    }
    Parts parts = request.beats == 2 ? twoBeats : oneBeat;
    List<Invented> made = new ArrayList<>();
    Set<Integer> rhymes = new HashSet<>();
    for (int pair : order(parts, request.seed)) {
      int rime = pair % parts.last.size();
      List<Unit> first = parts.first.get(pair / parts.last.size());
      List<Unit> last = parts.last.get(rime);
      boolean fits = request.sounds == 0 || first.size() + last.size() == request.sounds;
      if (made.size() < request.count
          && fits
          && !rhymes.contains(rime)
          && isWritten(parts.letters(pair))) {
        join(first, last)
            .filter(word -> isAsked(word, request) && isNew(word))
            .map(word -> new Invented(word, legal(word)))
            .filter(one -> one.legal.contains(one.word.spelling()))
            .ifPresent(
                one -> {
                  rhymes.add(rime);
                  made.add(one);
                });
      }
    }
    if (made.isEmpty()) {
      barren.add(any);
    }
    return made;
  }

  /** Every pair of parts, by its number, in the seed's order. */
  private static int[] order(Parts parts, long seed) {
    int[] pairs = IntStream.range(0, parts.first.size() * parts.last.size()).toArray();
    Random random = new Random(seed);
    for (int i = pairs.length - 1; i > 0; i--) {
      int other = random.nextInt(i + 1);
      int held = pairs[i];
      pairs[i] = pairs[other];
      pairs[other] = held;
    }
    return pairs;
  }

  /** A spelling that is another real word reads as that word. */
  private List<String> legal(Word word) {
    return LegalSpellings.of(word.cut(), accent).stream()
        .filter(spelling -> lexicon.find(spelling, accent.id()).isEmpty())
        .filter(spelling -> !OtherWords.isOne(spelling))
        .toList();
  }

  private static int vowel(Word word) {
    int at = 0;
    while (!word.cut().unit(at).sound().isVowel()) {
      at++;
    }
    return at;
  }

  /** Parts that at least {@link #HEARD_OFTEN} words have, in the order first met. */
  private static List<List<Unit>> often(List<List<Unit>> parts) {
    Map<String, Integer> counts = new HashMap<>();
    List<List<Unit>> often = new ArrayList<>();
    for (List<Unit> part : parts) {
      String form = part.stream().map(Unit::format).collect(Collectors.joining(" "));
      if (counts.merge(form, 1, Integer::sum) == HEARD_OFTEN) {
        often.add(part);
      }
    }
    return often;
  }

  /** Empty when the parts do not spell together, or read otherwise when they do. */
  private Optional<Word> join(List<Unit> onset, List<Unit> rime) {
    List<Unit> units = new ArrayList<>();
    for (Unit unit : onset) {
      units.add(unit.withBeat(units.isEmpty()));
    }
    for (Unit unit : rime) {
      units.add(unit.withBeat(units.isEmpty() || unit.opensBeat()));
    }
    Word word = Word.invented(Segmentation.of(units));
    if (!written.containsAll(threes(word.letters())) || real.contains(word.cut().ipa(accent))) {
      return Optional.empty();
    }
    String read =
        Reader.read(word.letters()).stream()
            .map(u -> accent.say(u.sound()))
            .collect(Collectors.joining());
    boolean reads = units.size() > 1 && read.equals(word.cut().ipa(accent));
    return reads && RuleBook.broken(word) == 0 ? Optional.of(word) : Optional.empty();
  }

  private boolean isAsked(Word word, Request request) {
    boolean rule = request.rule.isEmpty() || !RuleBook.of(request.rule).places(word).isEmpty();
    boolean grapheme =
        request.grapheme.isEmpty()
            || word.cut().units().stream()
                .anyMatch(
                    u ->
                        u.grapheme().text().equals(request.grapheme)
                            && (request.sound.isEmpty()
                                || accent.say(u.sound()).equals(request.sound)));
    return rule && grapheme && sequence.untaught(word, request.step, accent).isEmpty();
  }

  private boolean isNew(Word word) {
    String ipa = word.cut().ipa(accent);
    return lexicon.find(word.spelling(), "en-GB").isEmpty()
        && lexicon.find(word.spelling(), "en-US").isEmpty()
        && !OtherWords.isOne(word.spelling())
        && !NeverWritten.isIn(word.spelling())
        && !Unsuitable.sounds(ipa)
        && !Unsuitable.isNear(word.spelling());
  }
}

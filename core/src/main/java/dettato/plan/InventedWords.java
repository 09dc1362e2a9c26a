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
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Makes words of one beat that are none: an onset and a rime that real words have, joined anew. No
 * word is real, sounds like a real one, or is, sounds like or is one letter from an unsuitable one.
 * The same seed gives the same words.
 */
public final class InventedWords {
  private static final int HEARD_OFTEN = 2;

  /**
   * What is asked for.
   *
   * @param rule id of a rule that must decide in the word, "" for any
   * @param grapheme that the word must have, "" for any
   * @param sounds how many units, 0 for any
   * @param step up to which step of the sequence graphemes are taught
   */
  public record Request(String rule, String grapheme, int sounds, int step, int count, long seed) {}

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
  private final TeachingSequence sequence;
  private final List<List<Unit>> onsets;
  private final List<List<Unit>> rimes;
  private final Set<String> real;

  public InventedWords(Lexicon lexicon, Accent accent, TeachingSequence sequence) {
    this.lexicon = lexicon;
    this.accent = accent;
    this.sequence = sequence;
    List<Word> models =
        lexicon.words(accent.id()).stream()
            .filter(w -> w.use() == Word.Use.CHOOSE && w.isOneBeat() && w.join().isEmpty())
            .filter(w -> w.irregular().isEmpty())
            .toList();
    this.onsets = often(models.stream().map(w -> w.cut().units().subList(0, vowel(w))).toList());
    this.rimes =
        often(models.stream().map(w -> w.cut().units().subList(vowel(w), w.cut().size())).toList());
    this.real =
        lexicon.words(accent.id()).stream()
            .map(w -> w.cut().ipa(accent))
            .collect(Collectors.toCollection(HashSet::new));
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
    List<int[]> pairs = new ArrayList<>();
    for (int onset = 0; onset < onsets.size(); onset++) {
      for (int rime = 0; rime < rimes.size(); rime++) {
        if (request.sounds == 0
            || onsets.get(onset).size() + rimes.get(rime).size() == request.sounds) {
          pairs.add(new int[] {onset, rime});
        }
      }
    }
    Collections.shuffle(pairs, new Random(request.seed));
    List<Invented> made = new ArrayList<>();
    Set<Integer> rhymes = new HashSet<>();
    for (int[] pair : pairs) {
      if (made.size() == request.count) {
        break;
      }
      join(onsets.get(pair[0]), rimes.get(pair[1]))
          .filter(word -> isAsked(word, request) && isNew(word))
          .filter(word -> !rhymes.contains(pair[1]))
          .map(word -> new Invented(word, legal(word)))
          .filter(one -> one.legal.contains(one.word.spelling()))
          .ifPresent(
              one -> {
                rhymes.add(pair[1]);
                made.add(one);
              });
    }
    return made;
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
      units.add(unit.withBeat(units.isEmpty()));
    }
    Word word = Word.invented(Segmentation.of(units));
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
                .anyMatch(u -> u.grapheme().text().equals(request.grapheme));
    return rule && grapheme && sequence.untaught(word, request.step, accent).isEmpty();
  }

  private boolean isNew(Word word) {
    String ipa = word.cut().ipa(accent);
    return !real.contains(ipa)
        && lexicon.find(word.spelling(), "en-GB").isEmpty()
        && lexicon.find(word.spelling(), "en-US").isEmpty()
        && !OtherWords.isOne(word.spelling())
        && !NeverWritten.isIn(word.spelling())
        && !Unsuitable.sounds(ipa)
        && !Unsuitable.isNear(word.spelling());
  }
}

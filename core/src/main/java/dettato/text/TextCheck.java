package dettato.text;

import dettato.plan.TeachingSequence;
import dettato.rule.Opportunity;
import dettato.rule.RuleBook;
import dettato.sound.Accent;
import dettato.word.Capitals;
import dettato.word.Homophones;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * What a text holds, word by word, and what a teacher would mend in it before she dictates it. Time
 * O(words × rules).
 */
public final class TextCheck {
  private static final Pattern WORD = Pattern.compile("\\p{L}[\\p{L}'’-]*");
  private static final Pattern SENTENCE = Pattern.compile("[^.?!]*[.?!]+[\"'”’]*|[^.?!]+$");

  /** A sentence of more words is too long for six- to eight-year-olds to hold in mind. */
  private static final int LONGEST_SENTENCE = 12;

  /** So many times as many words in one column as in another are too many. */
  private static final int UNEVEN = 3;

  /** So many of the commonest words may come as often as they like. */
  private static final int COMMON = 300;

  private final SentenceReader reader;
  private final Accent accent;
  private final TeachingSequence sequence;
  private final Homophones homophones;

  /** What the text should be about. */
  public sealed interface Target {
    record None() implements Target {}

    record Rule(String rule) implements Target {}

    record Spellings(String sound, List<String> graphemes) implements Target {
      public Spellings {
        graphemes = List.copyOf(graphemes);
      }
    }
  }

  /** What is wrong, or may be. */
  public enum Kind {
    NO_TARGET,
    EMPTY_COLUMN,
    UNEVEN_COLUMNS,
    NO_END_MARK,
    NO_CAPITAL_START,
    NAME_WITHOUT_CAPITAL,
    UNKNOWN_WORD,
    UNTAUGHT,
    LOOK_ALIKE,
    TOO_LONG,
    WORD_TWICE,
    HOMOPHONE
  }

  /**
   * One word.
   *
   * @param at where its first letter stands in the text
   */
  public record CheckedWord(
      String word, int at, boolean known, List<String> untaught, List<ReadSentence.Test> rules) {}

  /** Words by the grapheme that spells a sound. */
  public record Count(String sound, String grapheme, List<String> words) {}

  /** A word where a grapheme that is looked for says another sound. */
  public record LookAlike(String word, String grapheme, String sound) {}

  /**
   * Something to mend.
   *
   * @param says what, and what would mend it
   * @param word the word it is about; "" for the whole text
   */
  public record Warning(Kind kind, String says, String word) {}

  public record Checked(
      List<CheckedWord> words,
      List<Count> counts,
      List<LookAlike> lookAlikes,
      List<Warning> warnings) {}

  public TextCheck(
      SentenceReader reader, Accent accent, TeachingSequence sequence, Homophones homophones) {
    this.reader = reader;
    this.accent = accent;
    this.sequence = sequence;
    this.homophones = homophones;
  }

  /**
   * Checks a text.
   *
   * @param step up to which step graphemes are taught
   */
  public Checked check(String text, int step, Target target) {
    List<CheckedWord> words = new ArrayList<>();
    List<Warning> warnings = new ArrayList<>();
    for (MatchResult m : WORD.matcher(text).results().toList()) {
      Optional<Word> word = reader.word(m.group());
      words.add(checked(m, word, step));
    }
    sentences(text, warnings);
    wordByWord(words, warnings);
    List<Count> all = flat(reader.counts(text));
    List<LookAlike> alikes = new ArrayList<>();
    target(target, words, all, alikes, warnings);
    return new Checked(words, all, alikes, warnings);
  }

  private CheckedWord checked(MatchResult at, Optional<Word> word, int step) {
    List<String> untaught = word.map(w -> sequence.untaught(w, step, accent)).orElse(List.of());
    List<ReadSentence.Test> tests =
        word.map(RuleBook::opportunities).orElse(List.of()).stream()
            .map(o -> test(o, at.group()))
            .toList();
    return new CheckedWord(at.group(), at.start(), word.isPresent(), untaught, tests);
  }

  private static ReadSentence.Test test(Opportunity at, String word) {
    return new ReadSentence.Test(at.rule(), at.condition().id(), word);
  }

  private static List<Count> flat(Map<String, Map<String, Set<String>>> counts) {
    List<Count> all = new ArrayList<>();
    counts.forEach(
        (sound, spelled) ->
            spelled.forEach((g, words) -> all.add(new Count(sound, g, List.copyOf(words)))));
    return all;
  }

  private static void sentences(String text, List<Warning> warnings) {
    for (MatchResult m : SENTENCE.matcher(text.strip()).results().toList()) {
      String sentence = m.group().strip();
      List<String> words = Sentence.wordsOf(sentence);
      if (words.isEmpty()) {
        continue;
      }
      if (!new Sentence(sentence).hasEndMark()) {
        warnings.add(
            new Warning(
                Kind.NO_END_MARK,
                "\"%s\" has no end mark. Add a full stop, ? or !.".formatted(shortened(sentence)),
                words.get(words.size() - 1)));
      }
      if (Character.isLowerCase(words.get(0).charAt(0))) {
        warnings.add(
            new Warning(
                Kind.NO_CAPITAL_START,
                words.get(0) + " begins a sentence: write its capital.",
                words.get(0)));
      }
      if (words.size() > LONGEST_SENTENCE) {
        warnings.add(
            new Warning(
                Kind.TOO_LONG,
                "\"%s\" has %d words; children hold %d in mind at most. Make two of it."
                    .formatted(shortened(sentence), words.size(), LONGEST_SENTENCE),
                ""));
      }
    }
  }

  private static String shortened(String sentence) {
    int most = 40;
    return sentence.length() <= most
        ? sentence
        : sentence.substring(0, sentence.lastIndexOf(' ', most)) + "…";
  }

  private void wordByWord(List<CheckedWord> words, List<Warning> warnings) {
    Map<String, Integer> often = new LinkedHashMap<>();
    Set<String> told = new LinkedHashSet<>();
    for (CheckedWord one : words) {
      String small = one.word.toLowerCase(Locale.ROOT);
      boolean first = told.add(small);
      Optional<Word> word = reader.word(one.word);
      if (word.filter(w -> w.rank() > COMMON).isPresent()) {
        often.merge(small, 1, Integer::sum);
      }
      if (Capitals.mustHave(small) && Character.isLowerCase(one.word.charAt(0))) {
        warnings.add(
            new Warning(
                Kind.NAME_WITHOUT_CAPITAL,
                one.word + " is a name: write " + Capitals.written(small) + ".",
                one.word));
      }
      if (!first) {
        continue;
      }
      // An unknown word with a capital is a name, at the start of a sentence too.
      if (!one.known && Character.isLowerCase(one.word.charAt(0))) {
        warnings.add(
            new Warning(
                Kind.UNKNOWN_WORD,
                one.word + " is no word we know. Is it spelled right? You can teach it to us.",
                one.word));
      }
      if (!one.untaught.isEmpty()) {
        warnings.add(
            new Warning(
                Kind.UNTAUGHT,
                "%s needs %s, not taught yet.".formatted(one.word, String.join(", ", one.untaught)),
                one.word));
      }
      word.filter(w -> w.rank() > COMMON)
          .map(w -> homophones.of(w))
          .filter(others -> !others.isEmpty())
          .ifPresent(
              others ->
                  warnings.add(
                      new Warning(
                          Kind.HOMOPHONE,
                          "%s sounds like %s: say what it means."
                              .formatted(one.word, String.join(", ", others)),
                          one.word)));
    }
    often.forEach(
        (small, times) -> {
          if (times > 1) {
            warnings.add(
                new Warning(Kind.WORD_TWICE, "%s comes %d times.".formatted(small, times), small));
          }
        });
  }

  private void target(
      Target target,
      List<CheckedWord> words,
      List<Count> counts,
      List<LookAlike> alikes,
      List<Warning> warnings) {
    if (target instanceof Target.Rule wanted) {
      boolean there =
          words.stream().flatMap(w -> w.rules.stream()).anyMatch(t -> t.rule().equals(wanted.rule));
      if (!there) {
        String name = RuleBook.of(wanted.rule).about().name();
        warnings.add(
            new Warning(
                Kind.NO_TARGET, "No word asks for " + name + ". Put one in, or choose again.", ""));
      }
    } else if (target instanceof Target.Spellings wanted) {
      spellings(wanted, words, counts, alikes, warnings);
    }
  }

  private void spellings(
      Target.Spellings wanted,
      List<CheckedWord> words,
      List<Count> counts,
      List<LookAlike> alikes,
      List<Warning> warnings) {
    boolean any = false;
    List<String> empty = new ArrayList<>();
    for (String grapheme : wanted.graphemes) {
      boolean there =
          counts.stream()
              .anyMatch(c -> c.sound.equals(wanted.sound) && c.grapheme.equals(grapheme));
      any |= there;
      if (!there) {
        empty.add(grapheme);
      }
    }
    if (!any) {
      warnings.add(
          new Warning(
              Kind.NO_TARGET,
              "No word has /%s/ as %s."
                  .formatted(wanted.sound, String.join(" or ", wanted.graphemes)),
              ""));
    } else {
      empty.forEach(
          g ->
              warnings.add(
                  new Warning(
                      Kind.EMPTY_COLUMN,
                      "No word has /%s/ as %s: that column stays empty.".formatted(wanted.sound, g),
                      "")));
    }
    if (empty.isEmpty()) {
      uneven(wanted, counts).ifPresent(warnings::add);
    }
    for (CheckedWord one : words) {
      reader.word(one.word).ifPresent(w -> alikes.addAll(lookAlikes(w, one.word, wanted)));
    }
    alikes.stream()
        .distinct()
        .forEach(
            a ->
                warnings.add(
                    new Warning(
                        Kind.LOOK_ALIKE,
                        "%s has %s too, but it says /%s/ there."
                            .formatted(a.word, a.grapheme, a.sound),
                        a.word)));
  }

  /** One spelling with several times as many words as another gives the answer away. */
  private static Optional<Warning> uneven(Target.Spellings wanted, List<Count> counts) {
    Map<String, Integer> each = new TreeMap<>();
    counts.stream()
        .filter(c -> c.sound.equals(wanted.sound) && wanted.graphemes.contains(c.grapheme))
        .forEach(c -> each.put(c.grapheme, c.words.size()));
    int most = each.values().stream().mapToInt(n -> n).max().orElse(0);
    int fewest = each.values().stream().mapToInt(n -> n).min().orElse(0);
    return most <= UNEVEN * fewest
        ? Optional.empty()
        : Optional.of(
            new Warning(
                Kind.UNEVEN_COLUMNS,
                "The columns are uneven: "
                    + each.entrySet().stream()
                        .map(e -> e.getKey() + " " + e.getValue())
                        .collect(Collectors.joining(", "))
                    + ". Put in more of the short one.",
                ""));
  }

  private List<LookAlike> lookAlikes(Word word, String written, Target.Spellings wanted) {
    List<LookAlike> found = new ArrayList<>();
    for (int i = 0; i < word.cut().size(); i++) {
      String grapheme = word.cut().unit(i).grapheme().text();
      String sound = word.cut().ipa(i, accent);
      if (wanted.graphemes.contains(grapheme) && !sound.equals(wanted.sound)) {
        found.add(new LookAlike(written, grapheme, sound));
      }
    }
    return found;
  }
}

package dettato.text;

import dettato.plan.TeachingSequence;
import dettato.rule.RuleBook;
import dettato.sound.Accent;
import dettato.word.Capitals;
import dettato.word.Lexicon;
import dettato.word.Unit;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.BiPredicate;
import java.util.function.Predicate;

/** Reads sentences with a lexicon, in one accent. */
public final class SentenceReader {
  private final Lexicon lexicon;
  private final Accent accent;
  private final TeachingSequence sequence;

  public SentenceReader(Lexicon lexicon, Accent accent, TeachingSequence sequence) {
    this.lexicon = lexicon;
    this.accent = accent;
    this.sequence = sequence;
  }

  /** What a sentence's words ask. */
  public ReadSentence read(Sentence sentence) {
    List<ReadSentence.Test> tests = new ArrayList<>();
    List<ReadSentence.Need> needs = new ArrayList<>();
    Set<String> spelled = new HashSet<>();
    List<String> unknown = new ArrayList<>();
    List<String> names = new ArrayList<>();
    int irregular = 0;
    List<String> words = sentence.words();
    for (int i = 0; i < words.size(); i++) {
      String written = words.get(i);
      if (isName(written, i == 0)) {
        names.add(written);
      }
      Optional<Word> known = word(written);
      if (known.isEmpty()) {
        unknown.add(written);
        continue;
      }
      Word word = known.get();
      RuleBook.Places places = RuleBook.places(word);
      irregular += places.broken().stream().anyMatch(o -> !RuleBook.of(o.rule()).isWeak()) ? 1 : 0;
      places
          .obeyed()
          .forEach(o -> tests.add(new ReadSentence.Test(o.rule(), o.condition().id(), written)));
      for (int u = 0; u < word.cut().size(); u++) {
        spelled.add(
            ReadSentence.spelling(word.cut().ipa(u, accent), word.cut().unit(u).grapheme().text()));
      }
      needs.add(new ReadSentence.Need(written, taught(word)));
    }
    return new ReadSentence(
        sentence, words.size(), tests, needs, spelled, unknown, names, irregular);
  }

  /** The words of a text by each sound and the grapheme that spells it, each word once. */
  Map<String, Map<String, Set<String>>> counts(String text) {
    Map<String, Map<String, Set<String>>> counts = new TreeMap<>();
    for (String written : Sentence.wordsOf(text)) {
      String shown = Capitals.written(written.toLowerCase(Locale.ROOT));
      word(written)
          .ifPresent(
              word -> {
                for (int i = 0; i < word.cut().size(); i++) {
                  counts
                      .computeIfAbsent(word.cut().ipa(i, accent), s -> new TreeMap<>())
                      .computeIfAbsent(
                          word.cut().unit(i).grapheme().text(), g -> new LinkedHashSet<>())
                      .add(shown);
                }
              });
    }
    return counts;
  }

  /**
   * The graphemes of a sentence that a rule decides or that spell a sound, as asked; a word that is
   * written with a sign inside has none.
   */
  List<Span> spans(
      Sentence sentence, BiPredicate<String, String> decided, Predicate<String> spelled) {
    List<Span> found = new ArrayList<>();
    int at = 0;
    for (String written : sentence.words()) {
      int start = sentence.text().indexOf(written, at);
      at = start + written.length();
      word(written)
          .filter(w -> w.letters().length() == written.length())
          .ifPresent(w -> units(w, decided, spelled).forEach(u -> add(w, u, start, found)));
    }
    return found;
  }

  private List<Integer> units(
      Word word, BiPredicate<String, String> decided, Predicate<String> spelled) {
    Set<Integer> units = new TreeSet<>();
    RuleBook.opportunities(word).stream()
        .filter(o -> decided.test(o.rule(), o.condition().id()))
        .forEach(o -> units.add(o.unit()));
    for (int u = 0; u < word.cut().size(); u++) {
      String grapheme = word.cut().unit(u).grapheme().text();
      if (spelled.test(ReadSentence.spelling(word.cut().ipa(u, accent), grapheme))) {
        units.add(u);
      }
    }
    return List.copyOf(units);
  }

  private static void add(Word word, int unit, int start, List<Span> found) {
    int from = start + word.cut().start(unit);
    found.add(new Span(from, from + word.cut().unit(unit).grapheme().headLength()));
    int e = word.cut().silentE(unit);
    if (e >= 0) {
      found.add(new Span(start + e, start + e + 1));
    }
  }

  /** The word behind what is written; that of a possessive is the word before its sign. */
  Optional<Word> word(String written) {
    String small = written.toLowerCase(Locale.ROOT).replace('’', '\'');
    return lexicon
        .find(small, accent.id())
        .or(() -> lexicon.find(small.replaceAll("'s$|'$", ""), accent.id()));
  }

  /** Whether a word is a name, by its own capital: I is none. */
  static boolean isName(String written, boolean first) {
    boolean pronoun = written.matches("I|I['’].*");
    boolean capital = Character.isUpperCase(written.charAt(0));
    return capital && !pronoun && (!first || Capitals.mustHave(written));
  }

  private List<ReadSentence.Taught> taught(Word word) {
    int never = sequence.last() + 1;
    int whole = sequence.byHeartAt(word, accent).orElse(never);
    List<ReadSentence.Taught> all = new ArrayList<>();
    for (Unit unit : word.cut().units()) {
      int step = sequence.taughtAt(unit, accent).orElse(never);
      all.add(new ReadSentence.Taught(unit.grapheme().text(), Math.min(step, whole)));
    }
    return all;
  }
}

package dettato.find;

import dettato.plan.TeachingSequence;
import dettato.rule.Opportunity;
import dettato.rule.RuleBook;
import dettato.rule.Side;
import dettato.sound.Accent;
import dettato.word.Homophones;
import dettato.word.Lexicon;
import dettato.word.SyllabicL;
import dettato.word.Unit;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Every word that may be proposed in an accent, made ready to be searched: one pass over them
 * answers any query.
 */
public final class WordIndex {
  private static final int NEVER = Integer.MAX_VALUE;

  private final Accent accent;
  private final TeachingSequence sequence;
  private final List<Entry> entries;
  private final Homophones homophones;

  /**
   * A word with what queries ask of it.
   *
   * @param ipa what each unit says
   * @param end the two that are heard as one at its end
   * @param step the last step of the teaching sequence it needs
   * @param places where rules decide in it
   * @param clusters where two consonants or more stand together
   */
  private record Entry(
      Word word,
      String[] ipa,
      Optional<SyllabicL> end,
      int step,
      int beats,
      List<Opportunity> places,
      List<Place> clusters) {}

  public WordIndex(Lexicon lexicon, Accent accent, TeachingSequence sequence) {
    this.accent = accent;
    this.sequence = sequence;
    List<Word> words =
        lexicon.words(accent.id()).stream()
            .filter(w -> w.use() == Word.Use.CHOOSE)
            .flatMap(w -> lexicon.readings(w.spelling(), accent.id()))
            .toList();
    this.homophones = new Homophones(words, accent);
    Map<Unit, Integer> steps = new HashMap<>();
    this.entries = words.stream().map(w -> entry(w, steps)).toList();
  }

  private WordIndex(Accent accent, TeachingSequence sequence, List<Entry> entries) {
    this.accent = accent;
    this.sequence = sequence;
    this.entries = entries;
    this.homophones = new Homophones(entries.stream().map(Entry::word).toList(), accent);
  }

  /** The same index with a school's own words over it; those not to be proposed are left out. */
  public WordIndex with(Collection<Word> own) {
    Set<String> replaced = own.stream().map(Word::spelling).collect(Collectors.toSet());
    Map<Unit, Integer> steps = new HashMap<>();
    Stream<Entry> kept = entries.stream().filter(e -> !replaced.contains(e.word.spelling()));
    Stream<Entry> added =
        own.stream().filter(w -> w.use() == Word.Use.CHOOSE).map(w -> entry(w, steps));
    return new WordIndex(
        accent,
        sequence,
        Stream.concat(kept, added).sorted(Comparator.comparingInt(e -> e.word.rank())).toList());
  }

  /** The same words, taught in another order. */
  public WordIndex by(TeachingSequence other) {
    Map<Unit, Integer> steps = new HashMap<>();
    return new WordIndex(
        accent,
        other,
        entries.stream()
            .map(
                e ->
                    new Entry(
                        e.word,
                        e.ipa,
                        e.end,
                        step(e.word, steps, other),
                        e.beats,
                        e.places,
                        e.clusters))
            .toList());
  }

  private int step(Word word, Map<Unit, Integer> steps, TeachingSequence by) {
    return word.cut().units().stream()
        .mapToInt(
            u ->
                steps.computeIfAbsent(u.withBeat(false), k -> by.taughtAt(k, accent).orElse(NEVER)))
        .max()
        .orElse(NEVER);
  }

  /** The words that fit, commonest first; a spelling read in two ways is there twice. */
  public List<Word> find(Query query) {
    Predicate<Entry> wanted = wanted(query);
    return entries.stream().filter(wanted).map(Entry::word).toList();
  }

  /** Words that sound like this one and are spelled otherwise. */
  public List<String> homophones(Word word) {
    return homophones.of(word);
  }

  private Entry entry(Word word, Map<Unit, Integer> steps) {
    String[] ipa =
        IntStream.range(0, word.cut().size())
            .mapToObj(i -> word.cut().ipa(i, accent).intern())
            .toArray(String[]::new);
    return new Entry(
        word,
        ipa,
        SyllabicL.of(word, accent),
        step(word, steps, sequence),
        word.cut().beats(),
        RuleBook.opportunities(word),
        clusters(word));
  }

  private static List<Place> clusters(Word word) {
    List<Place> found = new ArrayList<>();
    int run = 0;
    int size = word.cut().size();
    for (int i = 0; i <= size; i++) {
      if (i < size && !word.cut().unit(i).sound().isVowel()) {
        run++;
      } else {
        if (run > 1) {
          found.add(i == run ? Place.START : i == size ? Place.END : Place.MIDDLE);
        }
        run = 0;
      }
    }
    return List.copyOf(found);
  }

  private Predicate<Entry> wanted(Query q) {
    List<Predicate<Entry>> all = new ArrayList<>();
    if (!q.pattern().isEmpty()) {
      LetterGlob glob = new LetterGlob(q.pattern());
      all.add(e -> glob.fits(e.word.spelling()));
    }
    if (!q.sound().isEmpty() || !q.grapheme().isEmpty() || q.place().isPresent()) {
      all.add(e -> hasUnit(q, e));
    }
    if (q.minSounds() > 0 || q.maxSounds() > 0) {
      all.add(e -> within(e.ipa.length, q.minSounds(), q.maxSounds()));
    }
    if (q.minBeats() > 0 || q.maxBeats() > 0) {
      all.add(e -> within(e.beats, q.minBeats(), q.maxBeats()));
    }
    q.cluster().ifPresent(place -> all.add(e -> e.clusters.contains(place)));
    if (!q.rule().isEmpty()) {
      String id = RuleBook.of(q.rule()).id();
      Optional<Side> side = q.side();
      all.add(
          e ->
              e.places.stream()
                  .anyMatch(p -> p.rule().equals(id) && side.map(s -> s == p.side()).orElse(true)));
    }
    if (q.commonness() > 0) {
      all.add(e -> e.word.commonness() <= q.commonness());
    }
    if (q.step() >= 0) {
      all.add(e -> e.step <= q.step());
    }
    if (q.homophone()) {
      all.add(e -> !homophones.of(e.word).isEmpty());
    }
    if (q.compound()) {
      all.add(e -> e.word.seam() >= 0);
    }
    if (!q.ending().isEmpty()) {
      all.add(e -> e.word.join().filter(j -> j.ending().equals(q.ending())).isPresent());
    }
    return all.stream().reduce(e -> true, Predicate::and);
  }

  private static boolean hasUnit(Query q, Entry e) {
    List<Unit> units = e.word.cut().units();
    for (int i = 0; i < e.ipa.length; i++) {
      if ((q.sound().isEmpty() || e.ipa[i].equals(q.sound()))
          && (q.grapheme().isEmpty() || units.get(i).grapheme().text().equals(q.grapheme()))
          && (q.place().isEmpty() || q.place().get() == Place.of(i, e.ipa.length))) {
        return true;
      }
    }
    return e.end.filter(end -> isMeant(q, end)).isPresent();
  }

  private static boolean isMeant(Query q, SyllabicL end) {
    return (q.sound().isEmpty() || end.ipa().equals(q.sound()))
        && (q.grapheme().isEmpty() || end.grapheme().equals(q.grapheme()))
        && (q.place().isEmpty() || q.place().get() == Place.END);
  }

  private static boolean within(int n, int least, int most) {
    return n >= least && (most == 0 || n <= most);
  }

  /** The graphemes of a sound in a word, for telling rivals apart. */
  static List<String> graphemes(Word word, String sound, Accent accent) {
    Stream<String> units =
        IntStream.range(0, word.cut().size())
            .filter(i -> word.cut().ipa(i, accent).equals(sound))
            .mapToObj(i -> word.cut().unit(i).grapheme().text());
    Stream<String> end =
        SyllabicL.of(word, accent).stream()
            .filter(e -> e.ipa().equals(sound))
            .map(SyllabicL::grapheme);
    return Stream.concat(units, end).toList();
  }

  Stream<Word> words() {
    return entries.stream().map(Entry::word);
  }

  Accent accent() {
    return accent;
  }
}

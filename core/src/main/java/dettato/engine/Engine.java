package dettato.engine;

import dettato.activity.Activities;
import dettato.activity.Markers;
import dettato.choose.Material;
import dettato.choose.TaskBook;
import dettato.deck.Cards;
import dettato.diagnose.SoundPlace;
import dettato.find.Chains;
import dettato.find.MinimalPairs;
import dettato.find.RivalChooser;
import dettato.find.SoundFigures;
import dettato.find.WordIndex;
import dettato.mark.AttemptMarker;
import dettato.mark.SentenceMarker;
import dettato.notation.Chunks;
import dettato.plan.InventedWords;
import dettato.plan.TeachingSequence;
import dettato.plan.WordChooser;
import dettato.reading.Guess;
import dettato.rule.RuleFigures;
import dettato.sound.Accent;
import dettato.text.Hunts;
import dettato.text.Phrases;
import dettato.text.SentenceBank;
import dettato.text.TextCheck;
import dettato.word.Capitals;
import dettato.word.Lexicon;
import dettato.word.Segmentation;
import dettato.word.Word;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;

/**
 * All that core knows for an accent, a school's own words, an order of teaching and the chunks that
 * are taught. It never changes: other words, another order or other chunks are another engine,
 * which shares what they do not touch. Its parts are made when they are first asked for, so making
 * one costs next to nothing; whole, it takes some twenty megabytes. Safe to share between threads.
 */
public final class Engine {
  private final Activities kinds;
  private final WordParts of;
  private final OrderParts in;
  private final Lazy<Chunks> chunks;

  private Engine(Activities kinds, WordParts of, OrderParts in, Lazy<Chunks> chunks) {
    this.kinds = kinds;
    this.of = of;
    this.in = in;
    this.chunks = chunks;
  }

  private static Engine of(Activities kinds, WordParts words, TeachingSequence sequence) {
    return new Engine(
        kinds, words, new OrderParts(words, sequence, kinds), new Lazy<>(() -> Chunks.NONE));
  }

  /**
   * Our words alone.
   *
   * @param usual in which order they are taught, unless a class has its own
   */
  public static Engine shipped(Activities kinds, Accent accent, TeachingSequence usual) {
    return of(kinds, WordParts.shipped(accent, usual), usual);
  }

  /** These words over ours, in the usual order. */
  public Engine with(List<Word> own) {
    return own.isEmpty() ? this : of(kinds, of.with(own), of.usual);
  }

  /** The same words, taught in another order. */
  public Engine by(TeachingSequence other) {
    return other.equals(in.sequence) ? this : of(kinds, of, other);
  }

  /** The same for a class that learns these letters as one piece. */
  public Engine chunked(List<String> taught) {
    return taught.isEmpty()
        ? this
        : new Engine(kinds, of, in, new Lazy<>(() -> Chunks.of(taught, of.words)));
  }

  public Accent accent() {
    return of.accent;
  }

  /** In which order it is taught. */
  public TeachingSequence sequence() {
    return in.sequence;
  }

  public Lexicon lexicon() {
    return of.lexicon;
  }

  /** Every word, commonest first. */
  public List<Word> words() {
    return of.words;
  }

  /** Whether a word is the school's own. */
  public boolean isOwn(String spelling) {
    return of.own.contains(spelling);
  }

  /** The word in the lexicon, if it is there. */
  public Optional<Word> find(String spelling) {
    return of.lexicon.find(spelling, of.accent.id());
  }

  /**
   * The word, or the best guess for one outside the lexicon.
   *
   * @throws dettato.input.Unacceptable when it has no letters
   */
  public Word word(String spelling) {
    Word word = find(spelling.strip()).orElseGet(() -> Guess.of(spelling));
    return Capitals.isName(spelling.strip()) ? word.asName() : word;
  }

  /** Every reading of a spelling in the lexicon. */
  public List<Word> readings(String spelling) {
    return of.lexicon.readings(spelling, of.accent.id()).toList();
  }

  /** The same with those that a word of the school's own stands before. */
  public List<Word> everyReading(String spelling) {
    Map<Segmentation, Word> all = new LinkedHashMap<>();
    Stream.concat(
            of.lexicon.readings(spelling, of.accent.id()),
            Lexicon.shipped().readings(spelling, of.accent.id()))
        .forEach(w -> all.putIfAbsent(w.cut(), w));
    return List.copyOf(all.values());
  }

  /**
   * The places of a word's sounds; kept ready, since a class's words are counted child by child.
   */
  public List<SoundPlace> soundPlaces(String spelling) {
    return of.places.get(spelling, s -> SoundPlace.of(word(s)));
  }

  public AttemptMarker marker() {
    return of.marker;
  }

  public SentenceMarker sentences() {
    return of.sentences;
  }

  /** What answers are judged by. */
  public Markers markers() {
    return new Markers(of.marker, of.sentences, this::word, w -> find(w).isPresent());
  }

  public WordChooser chooser() {
    return in.chooser;
  }

  /** The words that may be proposed, ready to be searched. */
  public WordIndex index() {
    return in.index.get();
  }

  /** How each sound is spelled. */
  public List<SoundFigures.SoundFigure> sounds() {
    return in.sounds.get();
  }

  /** How often a rule holds among these words, and where it does not. */
  public RuleFigures figures(String rule) {
    return Optional.ofNullable(of.figures.get().get(rule)).orElseThrow();
  }

  /** Words that are none, and sound like none of these. */
  public InventedWords invented() {
    return in.invented.get();
  }

  public Chains chains() {
    return new Chains(in.neighbours.get());
  }

  public MinimalPairs pairs() {
    return new MinimalPairs(in.neighbours.get(), of.accent);
  }

  /** What makes tasks of every kind, from these words. */
  public TaskBook tasks() {
    return in.tasks.get();
  }

  /** Cards of what is taught and of words to know by heart. */
  public Cards cards() {
    return of.cards.get();
  }

  /** Our sentences, read in this accent. */
  public SentenceBank bank() {
    return in.bank.get();
  }

  /** Hunts through our texts. */
  public Hunts hunts() {
    return in.hunts.get();
  }

  /** What would mend a text. */
  public TextCheck check() {
    return in.check.get();
  }

  /** Where sentences are to be cut for the ear. */
  public Phrases phrases() {
    return of.phrases;
  }

  /** The letters that are learnt as one piece, as most words say them. */
  public Chunks chunks() {
    return chunks.get();
  }

  /** What blocks are filled from, for a class that has been taught up to a step. */
  public Material material(
      int step, Supplier<SentenceBank> sentences, Supplier<Hunts> texts, Material.Habits habits) {
    return new Material(
        of.accent,
        of.lexicon,
        in.chooser,
        new RivalChooser(index()),
        this::word,
        in.sequence,
        step,
        in.tasks,
        sentences,
        texts,
        habits);
  }
}

package dettato.app.language;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import dettato.block.Markers;
import dettato.deck.Cards;
import dettato.diagnose.SoundPlace;
import dettato.exercise.ExerciseBook;
import dettato.exercise.Material;
import dettato.find.RivalChooser;
import dettato.find.SoundFigures;
import dettato.find.WordIndex;
import dettato.mark.AttemptMarker;
import dettato.mark.SentenceMarker;
import dettato.plan.InventedWords;
import dettato.plan.TeachingSequence;
import dettato.plan.WordChooser;
import dettato.rule.RuleBook;
import dettato.rule.RuleFigures;
import dettato.rule.SpellingRule;
import dettato.sound.Accent;
import dettato.text.Hunts;
import dettato.text.SentenceBank;
import dettato.text.SentenceReader;
import dettato.word.Guess;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.util.function.SingletonSupplier;

/** The core in one accent, with the school's own words. */
public final class Language {
  private static final int KEPT = 20_000;

  private final Accent accent;
  private final Lexicon lexicon;
  private final AttemptMarker marker;
  private final SentenceMarker sentences;
  private final WordChooser chooser;
  private final List<Word> words;
  private final Set<String> own;
  private final Supplier<WordIndex> index;
  private final Supplier<List<SoundFigures.SoundFigure>> sounds;
  private final Supplier<InventedWords> invented;
  private final Supplier<ExerciseBook> exercises;
  private final Supplier<SentenceBank> bank;
  private final Supplier<Cards> cards;
  private final Supplier<Map<String, RuleFigures>> figures;
  private final Cache<String, List<SoundPlace>> places =
      Caffeine.newBuilder().maximumSize(KEPT).build();

  /**
   * @param base the index of the shipped words in this accent
   */
  Language(Accent accent, List<Word> own, Supplier<WordIndex> base) {
    this.accent = accent;
    this.lexicon = Lexicon.shipped().with(own);
    this.own = own.stream().map(Word::spelling).collect(Collectors.toSet());
    this.index = SingletonSupplier.of(() -> own.isEmpty() ? base.get() : base.get().with(own));
    this.sounds =
        SingletonSupplier.of(() -> SoundFigures.of(index.get(), TeachingSequence.shipped()));
    this.invented =
        SingletonSupplier.of(
            () -> new InventedWords(lexicon, this.accent, TeachingSequence.shipped()));
    this.exercises =
        SingletonSupplier.of(
            () ->
                new ExerciseBook(
                    words(),
                    lexicon,
                    this.accent,
                    new SentenceReader(lexicon, this.accent, TeachingSequence.shipped()),
                    invented()));
    this.bank =
        SingletonSupplier.of(
            () -> new SentenceBank(lexicon, this.accent, TeachingSequence.shipped()));
    this.cards = SingletonSupplier.of(() -> new Cards(proposed()));
    this.figures =
        SingletonSupplier.of(
            () ->
                RuleBook.RULES.stream()
                    .collect(
                        Collectors.toMap(SpellingRule::id, r -> RuleFigures.of(r, proposed()))));
    this.marker = new AttemptMarker(this.accent, lexicon);
    this.sentences = new SentenceMarker(marker, lexicon);
    this.chooser = new WordChooser(lexicon, this.accent, TeachingSequence.shipped());
    this.words = lexicon.words(accent.id());
  }

  public Accent accent() {
    return accent;
  }

  public Lexicon lexicon() {
    return lexicon;
  }

  public AttemptMarker marker() {
    return marker;
  }

  public SentenceMarker sentences() {
    return sentences;
  }

  public WordChooser chooser() {
    return chooser;
  }

  /** Every word, commonest first. */
  public List<Word> words() {
    return words;
  }

  /** Those that may be proposed, commonest first. */
  private List<Word> proposed() {
    return words.stream().filter(w -> w.use() == Word.Use.CHOOSE).toList();
  }

  /** The words that may be proposed, ready to be searched. */
  public WordIndex index() {
    return index.get();
  }

  /** How each sound is spelled. */
  public List<SoundFigures.SoundFigure> sounds() {
    return sounds.get();
  }

  /** Words that are none, and sound like none of these. */
  public InventedWords invented() {
    return invented.get();
  }

  /**
   * The places of a word's sounds; kept ready, since a class's words are counted child by child.
   */
  public List<SoundPlace> soundPlaces(String spelling) {
    return places.get(spelling, s -> SoundPlace.of(word(s)));
  }

  /** How often a rule holds among these words, and where it does not. */
  public RuleFigures figures(String rule) {
    return Optional.ofNullable(figures.get().get(rule)).orElseThrow();
  }

  /** Our sentences, read in this accent. */
  public SentenceBank bank() {
    return bank.get();
  }

  /** Exercises of every kind, from these words. */
  public ExerciseBook exercises() {
    return exercises.get();
  }

  /** Cards of what is taught and of words to know by heart. */
  public Cards cards() {
    return cards.get();
  }

  /** What blocks are filled from, for a class that has been taught up to a step. */
  public Material material(
      int step, Supplier<SentenceBank> sentences, Supplier<Hunts> texts, Material.Habits habits) {
    return new Material(
        accent,
        lexicon,
        chooser,
        new RivalChooser(index()),
        this::word,
        TeachingSequence.shipped(),
        step,
        exercises,
        sentences,
        texts,
        habits);
  }

  /** What answers are judged by. */
  public Markers markers() {
    return new Markers(marker, sentences, this::word, w -> find(w).isPresent());
  }

  /** Whether a word is the school's own. */
  public boolean isOwn(String spelling) {
    return own.contains(spelling);
  }

  /** Every reading of a spelling in the lexicon. */
  public List<Word> readings(String spelling) {
    return lexicon.readings(spelling, accent.id()).toList();
  }

  /** The word in the lexicon, if it is there. */
  public Optional<Word> find(String spelling) {
    return lexicon.find(spelling, accent.id());
  }

  /**
   * The word, or the best guess for one outside the lexicon.
   *
   * @throws dettato.input.Unacceptable when it has no letters
   */
  public Word word(String spelling) {
    return find(spelling.strip()).orElseGet(() -> Guess.of(spelling));
  }
}

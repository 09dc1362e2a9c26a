package dettato.app.language;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import dettato.activity.Activities;
import dettato.activity.Markers;
import dettato.choose.Material;
import dettato.choose.Sources;
import dettato.choose.TaskBook;
import dettato.deck.Cards;
import dettato.diagnose.SoundPlace;
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
import dettato.word.Segmentation;
import dettato.word.Word;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.util.function.SingletonSupplier;

/** The core in one accent, with the school's own words. */
public final class Language {
  private static final int KEPT = 20_000;

  private final Activities kinds;
  private final Accent accent;
  private final TeachingSequence sequence;
  private final Lexicon lexicon;
  private final AttemptMarker marker;
  private final SentenceMarker sentences;
  private final WordChooser chooser;
  private final List<Word> words;
  private final Set<String> own;
  private final Supplier<WordIndex> index;
  private final Supplier<List<SoundFigures.SoundFigure>> sounds;
  private final Supplier<InventedWords> invented;
  private final Supplier<TaskBook> tasks;
  private final Supplier<SentenceBank> bank;
  private final Supplier<Cards> cards;
  private final Supplier<Map<String, RuleFigures>> figures;
  private final Cache<String, List<SoundPlace>> places;
  private final LanguageTexts texts = new LanguageTexts(this);

  /**
   * @param base the index of the shipped words in this accent
   */
  Language(Activities kinds, Accent accent, List<Word> own, Supplier<WordIndex> base) {
    this.kinds = kinds;
    this.accent = accent;
    this.sequence = TeachingSequence.shipped();
    this.lexicon = Lexicon.shipped().with(own);
    this.own = own.stream().map(Word::spelling).collect(Collectors.toSet());
    this.index = SingletonSupplier.of(() -> own.isEmpty() ? base.get() : base.get().with(own));
    this.invented = SingletonSupplier.of(() -> new InventedWords(lexicon, accent, sequence));
    this.cards = SingletonSupplier.of(() -> new Cards(proposed()));
    this.figures =
        SingletonSupplier.of(
            () ->
                RuleBook.RULES.stream()
                    .collect(
                        Collectors.toMap(SpellingRule::id, r -> RuleFigures.of(r, proposed()))));
    this.marker = new AttemptMarker(accent, lexicon);
    this.sentences = new SentenceMarker(marker, lexicon);
    this.chooser = new WordChooser(lexicon, accent, sequence);
    this.words = lexicon.words(accent.id());
    this.places = Caffeine.newBuilder().maximumSize(KEPT).build();
    this.sounds = soundFigures();
    this.tasks = taskBook();
    this.bank = sentenceBank();
  }

  private Language(Language same, TeachingSequence sequence) {
    this.kinds = same.kinds;
    this.accent = same.accent;
    this.sequence = sequence;
    this.lexicon = same.lexicon;
    this.own = same.own;
    this.index = SingletonSupplier.of(() -> same.index().by(sequence));
    this.invented = SingletonSupplier.of(() -> same.invented().by(sequence));
    this.cards = same.cards;
    this.figures = same.figures;
    this.marker = same.marker;
    this.sentences = same.sentences;
    this.chooser = same.chooser.by(sequence);
    this.words = same.words;
    this.places = same.places;
    this.sounds = soundFigures();
    this.tasks = taskBook();
    this.bank = sentenceBank();
  }

  /** The same language, taught in another order; what the order does not touch is shared. */
  Language by(TeachingSequence other) {
    return other.equals(sequence) ? this : new Language(this, other);
  }

  private Supplier<List<SoundFigures.SoundFigure>> soundFigures() {
    return SingletonSupplier.of(() -> SoundFigures.of(index.get(), sequence));
  }

  private Supplier<TaskBook> taskBook() {
    return SingletonSupplier.of(
        () ->
            kinds.tasks(
                new Sources(
                    words(),
                    lexicon,
                    accent,
                    new SentenceReader(lexicon, accent, sequence),
                    invented(),
                    texts.neighbours())));
  }

  private Supplier<SentenceBank> sentenceBank() {
    return SingletonSupplier.of(() -> new SentenceBank(lexicon, accent, sequence));
  }

  /** In which order it is taught. */
  public TeachingSequence sequence() {
    return sequence;
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

  /** Sentences, texts, chains and pairs of these words. */
  public LanguageTexts texts() {
    return texts;
  }

  /** What makes tasks of every kind, from these words. */
  public TaskBook tasks() {
    return tasks.get();
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
        sequence,
        step,
        tasks,
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

  /** The same with those that a word of the school's own stands before. */
  List<Word> everyReading(String spelling) {
    Map<Segmentation, Word> all = new LinkedHashMap<>();
    Stream.concat(
            lexicon.readings(spelling, accent.id()),
            Lexicon.shipped().readings(spelling, accent.id()))
        .forEach(w -> all.putIfAbsent(w.cut(), w));
    return List.copyOf(all.values());
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

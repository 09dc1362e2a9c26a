package dettato.app.language;

import dettato.find.SoundFigures;
import dettato.find.WordIndex;
import dettato.mark.AttemptMarker;
import dettato.mark.SentenceMarker;
import dettato.plan.InventedWords;
import dettato.plan.TeachingSequence;
import dettato.plan.WordChooser;
import dettato.sound.Accent;
import dettato.word.Guess;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/** The core in one accent, with the school's own words. */
public final class Language {
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

  /**
   * @param base the index of the shipped words in this accent
   */
  Language(Accent accent, List<Word> own, Supplier<WordIndex> base) {
    this.accent = accent;
    this.lexicon = Lexicon.shipped().with(own);
    this.own = own.stream().map(Word::spelling).collect(Collectors.toSet());
    this.index = Once.of(() -> own.isEmpty() ? base.get() : base.get().with(own));
    this.sounds = Once.of(() -> SoundFigures.of(index.get(), TeachingSequence.shipped()));
    this.invented =
        Once.of(() -> new InventedWords(lexicon, this.accent, TeachingSequence.shipped()));
    this.marker = new AttemptMarker(this.accent, lexicon);
    this.sentences = new SentenceMarker(marker, lexicon);
    this.chooser = new WordChooser(lexicon, this.accent, TeachingSequence.shipped());
    this.words = lexicon.words(accent.id());
  }

  public Accent accent() {
    return accent;
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
   * @throws IllegalArgumentException when it has no letters
   */
  public Word word(String spelling) {
    return find(spelling.strip()).orElseGet(() -> Guess.of(spelling));
  }
}

package dettato.app.language;

import dettato.mark.AttemptMarker;
import dettato.mark.SentenceMarker;
import dettato.plan.TeachingSequence;
import dettato.plan.WordChooser;
import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.word.Guess;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.List;
import java.util.Optional;

/** The core in one accent. */
public final class Language {
  private final Accent accent;
  private final Lexicon lexicon;
  private final AttemptMarker marker;
  private final SentenceMarker sentences;
  private final WordChooser chooser;
  private final List<Word> words;

  Language(String accent) {
    this.accent = Accents.of(accent);
    this.lexicon = Lexicon.shipped();
    this.marker = new AttemptMarker(this.accent, lexicon);
    this.sentences = new SentenceMarker(marker, lexicon);
    this.chooser = new WordChooser(lexicon, this.accent, TeachingSequence.shipped());
    this.words = lexicon.words(accent);
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

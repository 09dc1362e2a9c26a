package dettato.choose;

import dettato.find.Neighbours;
import dettato.plan.InventedWords;
import dettato.sound.Accent;
import dettato.text.SentenceReader;
import dettato.word.Homophones;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.List;

/** What tasks are made from in one language and order of teaching. */
public final class Sources {
  private final List<Word> words;
  private final List<Word> proposed;
  private final Lexicon lexicon;
  private final Accent accent;
  private final SentenceReader reader;
  private final InventedWords invented;
  private final Neighbours neighbours;
  private final Homophones homophones;
  private final TaughtWords taught;

  /**
   * @param words of the lexicon in the accent, commonest first
   * @param neighbours words that are one sound apart, in the order in which they are taught
   * @param homophones words that sound alike
   */
  public Sources(
      List<Word> words,
      Lexicon lexicon,
      Accent accent,
      SentenceReader reader,
      InventedWords invented,
      Neighbours neighbours,
      Homophones homophones) {
    this.words = words;
    this.proposed = words.stream().filter(w -> w.use() == Word.Use.CHOOSE).toList();
    this.lexicon = lexicon;
    this.accent = accent;
    this.reader = reader;
    this.invented = invented;
    this.neighbours = neighbours;
    this.homophones = homophones;
    this.taught = new TaughtWords(proposed);
  }

  /** Every word of the lexicon, commonest first. */
  public List<Word> words() {
    return words;
  }

  /** The words that may be proposed, commonest first. */
  public List<Word> proposed() {
    return proposed;
  }

  public Lexicon lexicon() {
    return lexicon;
  }

  public Accent accent() {
    return accent;
  }

  public SentenceReader reader() {
    return reader;
  }

  public InventedWords invented() {
    return invented;
  }

  public Neighbours neighbours() {
    return neighbours;
  }

  /** Those of the proposed words that are taught by a step. */
  public TaughtWords taught() {
    return taught;
  }

  /** Words that sound alike. */
  public Homophones homophones() {
    return homophones;
  }
}

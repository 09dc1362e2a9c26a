package dettato.choose;

import dettato.find.RivalChooser;
import dettato.plan.TeachingSequence;
import dettato.plan.WordChooser;
import dettato.sound.Accent;
import dettato.text.Hunts;
import dettato.text.SentenceBank;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.function.Function;
import java.util.function.Supplier;

/**
 * What activities are made from, for one class.
 *
 * @param word the word behind a spelling, guessed when no lexicon has it
 * @param book made when it is first asked for
 * @param bank read when it is first asked for
 * @param texts to hunt through and to ask of, read when they are first asked for
 * @param habits what the class does in its own way
 * @param step up to which step of the sequence graphemes are taught
 */
public record Material(
    Accent accent,
    Lexicon lexicon,
    WordChooser chooser,
    RivalChooser rivals,
    Function<String, Word> word,
    TeachingSequence sequence,
    int step,
    Supplier<TaskBook> book,
    Supplier<SentenceBank> bank,
    Supplier<Hunts> texts,
    Habits habits) {

  /**
   * What a class does in its own way when it is asked.
   *
   * @param ahead whether words that need what is not taught yet are taken when others run out
   * @param oneWay whether a sound is written in one way at a time, and not in all that are taught
   */
  public record Habits(boolean ahead, boolean oneWay) {
    /** As it usually is. */
    public static final Habits USUAL = new Habits(false, false);
  }

  /** Sentences to dictate, read in this language. */
  public SentenceBank sentences() {
    return bank.get();
  }

  /** Texts, read in this language. */
  public Hunts hunts() {
    return texts.get();
  }

  /** What makes tasks in this language. */
  public TaskBook tasks() {
    return book.get();
  }
}

package dettato.exercise;

import dettato.find.Neighbours;
import dettato.input.ById;
import dettato.input.Unacceptable;
import dettato.plan.InventedWords;
import dettato.sound.Accent;
import dettato.text.SentenceReader;
import dettato.word.Homophones;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.List;

/** The kinds of task in one language, in the order they are offered. */
public final class ExerciseBook {
  private final List<Exercise> kinds;
  private final List<Word> proposed;

  /**
   * @param words of the lexicon in the accent, commonest first
   * @param neighbours words that are one sound apart, in the order in which they are taught
   */
  public ExerciseBook(
      List<Word> words,
      Lexicon lexicon,
      Accent accent,
      SentenceReader reader,
      InventedWords invented,
      Neighbours neighbours) {
    Homophones homophones = new Homophones(words, accent);
    this.proposed = words.stream().filter(w -> w.use() == Word.Use.CHOOSE).toList();
    ExerciseWords some = new ExerciseWords(proposed);
    this.kinds =
        List.of(
            new Gaps(reader),
            new Sort(some, invented),
            new Match(some, homophones),
            new Listen(some, new SpokenForms(words, lexicon, accent)),
            new CutBeats(some),
            new Irregulars(proposed),
            new Joins(some),
            new AffixMeaning(lexicon),
            new MadeUp(invented),
            new ChainSteps(neighbours),
            new PairsApart(neighbours, accent),
            new Slips(lexicon));
  }

  /** The words that may be proposed, commonest first. */
  List<Word> proposed() {
    return proposed;
  }

  public List<Exercise> kinds() {
    return kinds;
  }

  /**
   * The kind with this id.
   *
   * @throws Unacceptable naming the kinds there are
   */
  public Exercise of(String id) {
    return ById.find(kinds, Exercise::id, id, "exercise");
  }
}

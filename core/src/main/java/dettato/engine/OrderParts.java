package dettato.engine;

import dettato.activity.Activities;
import dettato.choose.Sources;
import dettato.choose.TaskBook;
import dettato.find.Neighbours;
import dettato.find.SoundFigures;
import dettato.find.WordIndex;
import dettato.plan.InventedWords;
import dettato.plan.TeachingSequence;
import dettato.plan.WordChooser;
import dettato.text.Hunts;
import dettato.text.Passage;
import dettato.text.SentenceBank;
import dettato.text.SentenceReader;
import dettato.text.TextCheck;
import java.util.List;

/** What follows from the words and the order in which their graphemes are taught. */
final class OrderParts {
  final TeachingSequence sequence;
  final WordChooser chooser;
  final Lazy<WordIndex> index;
  final Lazy<InventedWords> invented;
  final Lazy<List<SoundFigures.SoundFigure>> sounds;
  final Lazy<Neighbours> neighbours;
  final Lazy<TaskBook> tasks;
  final Lazy<SentenceBank> bank;
  final Lazy<Hunts> hunts;
  final Lazy<TextCheck> check;

  OrderParts(WordParts of, TeachingSequence sequence, Activities kinds) {
    boolean usual = sequence.equals(of.usual);
    SentenceReader reader = new SentenceReader(of.lexicon, of.accent, sequence);
    this.sequence = sequence;
    this.chooser = usual ? of.chooser : of.chooser.by(sequence);
    this.index = usual ? of.index : new Lazy<>(() -> of.index.get().by(sequence));
    this.invented = usual ? of.invented : new Lazy<>(() -> of.invented.get().by(sequence));
    this.sounds = new Lazy<>(() -> SoundFigures.of(index.get(), sequence));
    this.neighbours = new Lazy<>(() -> new Neighbours(of.words, of.accent, sequence));
    this.tasks =
        new Lazy<>(
            () ->
                kinds.tasks(
                    new Sources(
                        of.words,
                        of.lexicon,
                        of.accent,
                        reader,
                        invented.get(),
                        neighbours.get(),
                        of.homophones.get())));
    this.bank = new Lazy<>(() -> new SentenceBank(of.lexicon, of.accent, sequence));
    this.hunts = new Lazy<>(() -> new Hunts(reader, Passage.shipped()));
    this.check = new Lazy<>(() -> new TextCheck(reader, of.accent, sequence, of.homophones.get()));
  }
}

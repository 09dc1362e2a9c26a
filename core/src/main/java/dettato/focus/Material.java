package dettato.focus;

import dettato.find.RivalChooser;
import dettato.plan.TeachingSequence;
import dettato.plan.WordChooser;
import dettato.sound.Accent;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.function.Function;

/**
 * What a block is filled from, for one class.
 *
 * @param word the word behind a spelling, guessed when no lexicon has it
 * @param step up to which step of the sequence graphemes are taught
 */
public record Material(
    Accent accent,
    Lexicon lexicon,
    WordChooser chooser,
    RivalChooser rivals,
    Function<String, Word> word,
    TeachingSequence sequence,
    int step) {}

package dettato.activity;

import dettato.mark.AttemptMarker;
import dettato.mark.SentenceMarker;
import dettato.word.Word;
import java.util.function.Function;
import java.util.function.Predicate;

/**
 * What judges answers, in the accent of a class.
 *
 * @param word the word behind a spelling, guessed when no lexicon has it
 * @param known whether a lexicon has a spelling
 */
public record Markers(
    AttemptMarker words,
    SentenceMarker sentences,
    Function<String, Word> word,
    Predicate<String> known) {}

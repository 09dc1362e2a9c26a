package dettato.session;

import dettato.mark.AttemptMarker;
import dettato.mark.SentenceMarker;
import dettato.word.Word;
import java.util.function.Function;

/**
 * What judges answers, in the accent of a class.
 *
 * @param word the word behind a spelling, guessed when no lexicon has it
 */
public record Markers(AttemptMarker words, SentenceMarker sentences, Function<String, Word> word) {}

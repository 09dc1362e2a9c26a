/**
 * How a spelling is read by somebody who does not know what was meant: by trees of questions about
 * the letters around, learnt from the lexicon's cuts. A word outside the lexicon is read so too.
 */
@org.jspecify.annotations.NullMarked
package dettato.reading;

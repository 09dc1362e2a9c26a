/**
 * Words cut into graphemes: the lexicon, how a spelling is read, and how spellings and sounds are
 * aligned. Knows no rules.
 */
@NullMarked
package dettato.word;

import org.jspecify.annotations.NullMarked;

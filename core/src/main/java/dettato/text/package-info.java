/**
 * Sentences and texts: what their words test, need and count, the bank of sentences, and the check
 * of any text.
 */
@NullMarked
package dettato.text;

import org.jspecify.annotations.NullMarked;

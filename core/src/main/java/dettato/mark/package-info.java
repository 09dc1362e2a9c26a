/**
 * Judges what a child wrote against a word, sound by sound, and each rule the word tests. Knows no
 * children.
 */
@NullMarked
package dettato.mark;

import org.jspecify.annotations.NullMarked;

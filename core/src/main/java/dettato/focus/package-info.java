/**
 * What a session or an exercise is about (a rule, rival graphemes of a sound, irregular words), and
 * the place in a word that asks it.
 */
@NullMarked
package dettato.focus;

import org.jspecify.annotations.NullMarked;

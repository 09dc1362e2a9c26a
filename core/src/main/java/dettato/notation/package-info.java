/**
 * How a word may be marked by hand: plain shapes, what a school lets each mean, where they go on a
 * word, and how they are drawn alike on screen and paper.
 */
@NullMarked
package dettato.notation;

import org.jspecify.annotations.NullMarked;

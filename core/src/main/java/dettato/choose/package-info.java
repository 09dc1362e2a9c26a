/**
 * Words for a focus, from one source: both sides of a rule, rival graphemes, irregular words; what
 * of them is taught; and what tasks are made of.
 */
@NullMarked
package dettato.choose;

import org.jspecify.annotations.NullMarked;

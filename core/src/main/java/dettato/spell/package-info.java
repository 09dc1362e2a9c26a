/** From sounds to spellings: every way to spell a sequence of sounds, ranked. */
@NullMarked
package dettato.spell;

import org.jspecify.annotations.NullMarked;

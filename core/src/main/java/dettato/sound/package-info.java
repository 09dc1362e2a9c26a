/**
 * The sounds of English, the letters that can spell each, and what an accent makes of them. Knows
 * no words.
 */
@NullMarked
package dettato.sound;

import org.jspecify.annotations.NullMarked;

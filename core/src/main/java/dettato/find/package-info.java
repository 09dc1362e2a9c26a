/** Finding words: by spelling, sound, grapheme, place, rule and the rest, and figures over them. */
@NullMarked
package dettato.find;

import org.jspecify.annotations.NullMarked;

/** Chooses words and orders them for a dictation, from what the class has been taught. */
@NullMarked
package dettato.plan;

import org.jspecify.annotations.NullMarked;

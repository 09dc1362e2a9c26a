/** Attempts as they are typed, their marks and the teacher's overrides. */
@NullMarked
package dettato.app.marking;

import org.jspecify.annotations.NullMarked;

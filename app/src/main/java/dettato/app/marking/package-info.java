/**
 * What children wrote: facts as typed, the marks made of them and stored row by row, the teacher's
 * overrides. {@link dettato.app.marking.MarkStore} alone makes marks; reads never do.
 */
@NullMarked
package dettato.app.marking;

import org.jspecify.annotations.NullMarked;

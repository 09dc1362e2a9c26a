/**
 * A session on children's devices: a code, a name, one item at a time; the teacher's grid fills.
 */
@NullMarked
package dettato.app.tablet;

import org.jspecify.annotations.NullMarked;

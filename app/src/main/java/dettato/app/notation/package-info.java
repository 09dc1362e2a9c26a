/** Words drawn with the marks of a class. */
@NullMarked
package dettato.app.notation;

import org.jspecify.annotations.NullMarked;

/** What somebody types or sends and that cannot be taken. Knows nothing else. */
@NullMarked
package dettato.input;

import org.jspecify.annotations.NullMarked;

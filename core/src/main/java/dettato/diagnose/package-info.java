/**
 * Turns marked attempts into findings about a child, each with its evidence. Never a diagnosis of a
 * person.
 */
@NullMarked
package dettato.diagnose;

import org.jspecify.annotations.NullMarked;

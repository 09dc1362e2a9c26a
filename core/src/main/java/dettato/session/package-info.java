/**
 * A session: templates, how they are filled, how long it takes and what to leave out. Blocks know
 * nothing of it; it knows no teacher, class or date.
 */
@NullMarked
package dettato.session;

import org.jspecify.annotations.NullMarked;

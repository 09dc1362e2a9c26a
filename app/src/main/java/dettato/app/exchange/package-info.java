/** Attempts in and out as CSV. */
@NullMarked
package dettato.app.exchange;

import org.jspecify.annotations.NullMarked;

/** The kinds of activity, told to whoever shows, prints, hands out or takes them in. */
@NullMarked
package dettato.app.kind;

import org.jspecify.annotations.NullMarked;

/**
 * What a session is made of: blocks of a kind, their items, how they are chosen, called and judged.
 * A kind is one class in {@link dettato.session.BlockBook}. Knows no teacher, class or date.
 */
@NullMarked
package dettato.session;

import org.jspecify.annotations.NullMarked;

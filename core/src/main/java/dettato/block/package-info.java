/**
 * What a session is made of: blocks of a kind, their items, how they are chosen, called and judged.
 * A kind is one class in {@link dettato.block.BlockBook}; no kind knows another.
 */
@NullMarked
package dettato.block;

import org.jspecify.annotations.NullMarked;

/**
 * What an item asks, as data: one record for each shape, and how records are kept. Nothing here
 * knows how an item is chosen, given or judged.
 */
@NullMarked
package dettato.prompt;

import org.jspecify.annotations.NullMarked;

/**
 * Cards of what a class knows by heart (graphemes, sounds, endings, irregular words), when each is
 * due, and when it sleeps.
 */
@NullMarked
package dettato.deck;

import org.jspecify.annotations.NullMarked;

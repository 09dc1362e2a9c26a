/**
 * Decks of cards: what is due, what sleeps, and why. What was asked is read from given sessions.
 */
@NullMarked
package dettato.app.deck;

import org.jspecify.annotations.NullMarked;

package dettato.deck;

import java.time.LocalDate;

/**
 * A card was asked on a day.
 *
 * @param right whether nobody stumbled
 */
public record Asking(LocalDate on, boolean right) {}

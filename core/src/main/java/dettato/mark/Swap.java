package dettato.mark;

/**
 * Units that changed places: the indices of two units, or twice the same one when both letters are
 * in one unit.
 */
public record Swap(int first, int second) {}

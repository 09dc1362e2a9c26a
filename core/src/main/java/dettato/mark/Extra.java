package dettato.mark;

/**
 * Letters that stand for no sound of the target.
 *
 * @param before index of the unit they stand before; the number of units when at the end
 */
public record Extra(String written, int before) {}

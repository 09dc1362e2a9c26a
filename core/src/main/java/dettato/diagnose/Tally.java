package dettato.diagnose;

/**
 * What a child has shown of one condition.
 *
 * @param condition its id; "" where it is not known
 * @param opportunities how many places tested it
 * @param failures how many of them failed, in the way that is told of
 */
public record Tally(String condition, int opportunities, int failures) {}

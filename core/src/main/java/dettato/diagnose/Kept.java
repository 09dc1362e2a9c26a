package dettato.diagnose;

import dettato.rule.Side;

/**
 * Places where a child kept a rule, counted: what was kept needs no telling one by one.
 *
 * @param condition id of the condition the places are of; "" where it is not known
 * @param side on which side of the contrast they lie
 * @param count how many
 * @param weight the same, each weighted by its age as {@link Settings#weight} says
 */
public record Kept(String rule, String condition, Side side, int count, double weight) {}

package dettato.explain;

import dettato.rule.Opportunity;
import java.util.Optional;

/**
 * One thing an attempt shows, told once.
 *
 * @param says a plain sentence for a teacher
 * @param forChild the same for a child
 * @param unit index of the unit it is about, -1 when it is about the whole
 * @param name what the sentence is called in the table, such as missing/nasal-lost
 * @param rule the place whose rule was broken, when one was
 */
public record Fact(
    Cause cause, String says, String forChild, int unit, String name, Optional<Opportunity> rule) {}

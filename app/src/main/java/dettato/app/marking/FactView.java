package dettato.app.marking;

import com.fasterxml.jackson.annotation.JsonInclude;
import dettato.app.terms.Prose;
import dettato.explain.Cause;
import dettato.explain.Fact;
import dettato.rule.Opportunity;
import org.jspecify.annotations.Nullable;

/**
 * One thing an attempt shows, as the API tells it.
 *
 * @param says a plain sentence for the teacher
 * @param forChild the same for a child
 * @param at index of the unit it is about; left out when it is about the whole
 * @param rule the rule that was broken, when one was, with its condition
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record FactView(
    Cause cause,
    @Prose String says,
    @Prose String forChild,
    @Nullable Integer at,
    @Nullable String rule,
    @Nullable String condition) {

  static FactView of(Fact fact) {
    Opportunity broken = fact.rule().orElse(null);
    return new FactView(
        fact.cause(),
        fact.says(),
        fact.forChild(),
        fact.unit() < 0 ? null : Integer.valueOf(fact.unit()),
        broken == null ? null : broken.rule(),
        broken == null ? null : broken.condition().id());
  }
}

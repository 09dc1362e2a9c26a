package dettato.app.outcome;

import dettato.mark.Mark;
import dettato.mark.RuleMark;
import dettato.rule.Outcome;
import dettato.rule.Side;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;

/** What became of a rule at a place of a word. */
@Entity
@Table(name = "mark_rule")
class RuleRow extends ChildsRow {
  @EmbeddedId private RuleAt at;

  /** "" where the rule was kept: then its word says it. */
  @Column(nullable = false)
  private String target;

  @Column(nullable = false)
  private String attempt;

  @Column(nullable = false)
  private String rule;

  /** Null in marks of a core before conditions; they are made anew when there is time. */
  private @Nullable String condition;

  @Column(nullable = false)
  private int unit;

  @Column(nullable = false)
  @Enumerated(EnumType.STRING)
  private Side side;

  @Column(nullable = false)
  @Enumerated(EnumType.STRING)
  private Outcome outcome;

  @Column(nullable = false)
  private boolean kept;

  @Embeddable
  record RuleAt(Long attemptId, int word, int place) {}

  protected RuleRow() {}

  /**
   * @param outcome as it counts
   */
  RuleRow(Judgement of, int word, int place, Mark mark, RuleMark rule, Outcome outcome) {
    super(of);
    this.at = new RuleAt(of.attempt(), word, place);
    this.kept = outcome == Outcome.APPLIED;
    this.target = kept ? "" : mark.target().spelling();
    this.attempt = kept ? "" : mark.attempt();
    this.rule = rule.rule();
    this.condition = rule.at().condition().id();
    this.unit = rule.at().unit();
    this.side = rule.at().side();
    this.outcome = outcome;
  }
}

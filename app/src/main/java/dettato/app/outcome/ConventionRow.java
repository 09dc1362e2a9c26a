package dettato.app.outcome;

import dettato.mark.SentenceMarker.Convention;
import dettato.rule.Outcome;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;

/** What became of a convention of writing in an answer. */
@Entity
@Table(name = "mark_convention")
class ConventionRow extends ChildsRow {
  private static final int LONGEST_LIST = 1000;

  @EmbeddedId private ConventionAt at;

  @Column(nullable = false)
  private String words;

  @Embeddable
  record ConventionAt(Long attemptId, String rule, @Enumerated(EnumType.STRING) Outcome outcome) {}

  protected ConventionRow() {}

  /**
   * @param outcome as it counts
   */
  ConventionRow(Judgement of, Convention convention, Outcome outcome) {
    super(of);
    String where = String.join(" ", convention.words());
    this.at = new ConventionAt(of.attempt(), convention.rule(), outcome);
    this.words = where.substring(0, Math.min(where.length(), LONGEST_LIST));
  }
}

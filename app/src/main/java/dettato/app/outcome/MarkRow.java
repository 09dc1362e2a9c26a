package dettato.app.outcome;

import dettato.mark.Result;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;

/** That an attempt was marked, and by which version; its outcomes go when it goes. */
@Entity
@Table(name = "mark")
class MarkRow {
  @Id private Long attemptId;

  @Column(nullable = false)
  private String version;

  @Column(nullable = false)
  @Enumerated(EnumType.STRING)
  private Result result;

  /** Whether the marks that a child drew on a word are right; null where none were asked for. */
  private @Nullable Boolean signsRight;

  protected MarkRow() {}

  MarkRow(Judgement of, String version) {
    this.attemptId = of.attempt();
    this.version = version;
    this.result = of.judged().result();
    this.signsRight = of.judged().signsRight().orElse(null);
  }
}

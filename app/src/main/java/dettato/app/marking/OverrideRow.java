package dettato.app.marking;

import dettato.mark.Result;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.SequenceGenerator;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** The teacher's own judgement of what she saw; it may be withdrawn, and is never deleted. */
@Entity
@Table(name = "override_log")
class OverrideRow {
  @Id
  @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "override_log_seq")
  @SequenceGenerator(name = "override_log_seq", sequenceName = "override_log_seq")
  private Long id;

  @Column(nullable = false)
  private Long attemptId;

  @Column(nullable = false)
  private Long accountId;

  @Column(nullable = false)
  private Instant madeAt;

  @Column(nullable = false)
  private String judged;

  @Column(nullable = false)
  @Enumerated(EnumType.STRING)
  private Result result;

  @Column(nullable = false)
  private String note;

  private @Nullable Instant withdrawnAt;

  protected OverrideRow() {}

  OverrideRow(AttemptRow attempt, Long accountId, Instant madeAt, Result result, String note) {
    this.attemptId = attempt.id();
    this.accountId = accountId;
    this.madeAt = madeAt;
    this.judged = attempt.written();
    this.result = result;
    this.note = note;
  }

  Long id() {
    return id;
  }

  Long attemptId() {
    return attemptId;
  }

  Long accountId() {
    return accountId;
  }

  Instant madeAt() {
    return madeAt;
  }

  String note() {
    return note;
  }

  Result result() {
    return result;
  }

  /** The text that was judged. */
  String judged() {
    return judged;
  }

  @Nullable Instant withdrawnAt() {
    return withdrawnAt;
  }

  /** Whether it counts: not withdrawn, and what stands there is what was judged. */
  boolean stands(String written) {
    return withdrawnAt == null && judged.equals(written);
  }

  void withdraw(Instant when) {
    if (withdrawnAt == null) {
      withdrawnAt = when;
    }
  }
}

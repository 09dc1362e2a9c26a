package dettato.app.marking;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** The teacher's own judgement of an attempt; the newest counts. */
@Entity
@Table(name = "override_log")
class OverrideRow {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @Column(nullable = false)
  private Long attemptId;

  @Column(nullable = false)
  private Long accountId;

  @Column(nullable = false)
  private Instant madeAt;

  @Column(nullable = false)
  private String result;

  @Column(nullable = false)
  private String note;

  protected OverrideRow() {}

  OverrideRow(Long attemptId, Long accountId, Instant madeAt, String result, String note) {
    this.attemptId = attemptId;
    this.accountId = accountId;
    this.madeAt = madeAt;
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

  String result() {
    return result;
  }

  String note() {
    return note;
  }
}

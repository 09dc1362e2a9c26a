package dettato.app.tablet;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** The code under which a session is handed out. */
@Entity
@Table(name = "handout")
class HandoutRow {
  @Id private Long sessionId;

  @Column(nullable = false)
  private String code;

  @Column(nullable = false)
  private Instant endsAt;

  protected HandoutRow() {}

  HandoutRow(Long sessionId, String code, Instant endsAt) {
    this.sessionId = sessionId;
    this.code = code;
    this.endsAt = endsAt;
  }

  Long sessionId() {
    return sessionId;
  }

  String code() {
    return code;
  }

  Instant endsAt() {
    return endsAt;
  }
}

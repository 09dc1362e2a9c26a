package dettato.app.tablet;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.SequenceGenerator;
import jakarta.persistence.Table;

/** A child at a device: its token is kept as a hash, so that nobody can sit in its place. */
@Entity
@Table(name = "sitting")
class SittingRow {
  @Id
  @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "sitting_seq")
  @SequenceGenerator(name = "sitting_seq", sequenceName = "sitting_seq")
  private Long id;

  @Column(nullable = false)
  private Long sessionId;

  @Column(nullable = false)
  private Long pupilId;

  @Column(nullable = false)
  private String token;

  @Column(nullable = false)
  private boolean handedIn;

  protected SittingRow() {}

  SittingRow(Long sessionId, Long pupilId, String token) {
    this.sessionId = sessionId;
    this.pupilId = pupilId;
    this.token = token;
  }

  Long sessionId() {
    return sessionId;
  }

  Long pupilId() {
    return pupilId;
  }

  boolean isHandedIn() {
    return handedIn;
  }

  void become(boolean done) {
    this.handedIn = done;
  }
}

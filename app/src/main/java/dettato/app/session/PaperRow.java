package dettato.app.session;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.SequenceGenerator;
import jakarta.persistence.Table;

/** What is known of a child's paper beside what is on it. */
@Entity
@Table(name = "paper")
class PaperRow {
  /** Whether the child was there. */
  enum State {
    HERE,
    AWAY
  }

  @Id
  @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "paper_seq")
  @SequenceGenerator(name = "paper_seq", sequenceName = "paper_seq")
  private Long id;

  @Column(nullable = false)
  private Long sessionId;

  @Column(nullable = false)
  private Long pupilId;

  @Column(nullable = false)
  @Enumerated(EnumType.STRING)
  private State state;

  protected PaperRow() {}

  PaperRow(Long sessionId, Long pupilId, State state) {
    this.sessionId = sessionId;
    this.pupilId = pupilId;
    this.state = state;
  }

  Long pupilId() {
    return pupilId;
  }

  State state() {
    return state;
  }

  void become(State state) {
    this.state = state;
  }
}

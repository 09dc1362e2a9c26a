package dettato.app.session;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.SequenceGenerator;
import jakarta.persistence.Table;

/** A block of a session. */
@Entity
@Table(name = "block")
class BlockRow {
  @Id
  @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "block_seq")
  @SequenceGenerator(name = "block_seq", sequenceName = "block_seq")
  private Long id;

  @Column(nullable = false)
  private Long sessionId;

  @Column(nullable = false)
  private String kind;

  @Column(nullable = false)
  private int place;

  protected BlockRow() {}

  BlockRow(Long sessionId, String kind, int place) {
    this.sessionId = sessionId;
    this.kind = kind;
    this.place = place;
  }

  Long id() {
    return id;
  }

  Long sessionId() {
    return sessionId;
  }

  String kind() {
    return kind;
  }

  int place() {
    return place;
  }

  void move(int place) {
    this.place = place;
  }
}

package dettato.app.text;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.SequenceGenerator;
import jakarta.persistence.Table;
import java.time.Instant;

/** A school's own sentence or text. */
@Entity
@Table(name = "own_text")
class OwnTextRow {
  @Id
  @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "own_text_seq")
  @SequenceGenerator(name = "own_text_seq", sequenceName = "own_text_seq")
  private Long id;

  @Column(nullable = false)
  private String title;

  @Column(nullable = false)
  private String text;

  @Column(nullable = false)
  private Long accountId;

  @Column(nullable = false)
  private Instant madeAt;

  protected OwnTextRow() {}

  OwnTextRow(String title, String text, Long accountId, Instant madeAt) {
    this.title = title;
    this.text = text;
    this.accountId = accountId;
    this.madeAt = madeAt;
  }

  OwnText told() {
    return new OwnText(id, title, text);
  }

  Long accountId() {
    return accountId;
  }
}

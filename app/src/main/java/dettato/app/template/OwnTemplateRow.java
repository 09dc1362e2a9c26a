package dettato.app.template;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.SequenceGenerator;
import jakarta.persistence.Table;
import java.time.Instant;

/** A template that a teacher made. */
@Entity
@Table(name = "own_template")
class OwnTemplateRow {
  @Id
  @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "own_template_seq")
  @SequenceGenerator(name = "own_template_seq", sequenceName = "own_template_seq")
  private Long id;

  @Column(nullable = false)
  private String name;

  @Column(nullable = false)
  private int minutes;

  /** Quotas, in JSON. */
  @Column(nullable = false)
  private String blocks;

  @Column(nullable = false)
  private Long accountId;

  @Column(nullable = false)
  private Instant madeAt;

  protected OwnTemplateRow() {}

  OwnTemplateRow(Long accountId, Instant madeAt, String name, int minutes, String blocks) {
    this.accountId = accountId;
    this.madeAt = madeAt;
    this.name = name;
    this.minutes = minutes;
    this.blocks = blocks;
  }

  void become(String name, int minutes, String blocks) {
    this.name = name;
    this.minutes = minutes;
    this.blocks = blocks;
  }

  Long id() {
    return id;
  }

  String name() {
    return name;
  }

  int minutes() {
    return minutes;
  }

  String blocks() {
    return blocks;
  }

  long accountId() {
    return accountId;
  }
}

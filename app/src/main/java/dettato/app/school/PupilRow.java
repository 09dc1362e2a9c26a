package dettato.app.school;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.SequenceGenerator;
import jakarta.persistence.Table;

/** A child, under a first name or a code. */
@Entity
@Table(name = "pupil")
class PupilRow {
  @Id
  @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "pupil_seq")
  @SequenceGenerator(name = "pupil_seq", sequenceName = "pupil_seq")
  private Long id;

  @Column(nullable = false)
  private String name;

  /** Raised in SQL by whatever writes about the child; see marking. */
  @Column(nullable = false, insertable = false, updatable = false)
  private long revision;

  protected PupilRow() {}

  PupilRow(String name) {
    this.name = name;
  }

  Long id() {
    return id;
  }

  String name() {
    return name;
  }

  long revision() {
    return revision;
  }

  void rename(String name) {
    this.name = name;
  }
}

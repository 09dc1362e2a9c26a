package dettato.app.school;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** A class of one teacher. */
@Entity
@Table(name = "school_class")
class ClassRow {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @Column(nullable = false)
  private Long accountId;

  @Column(nullable = false)
  private String name;

  @Column(nullable = false)
  private String accent;

  @Column(nullable = false)
  private int step;

  @Column(nullable = false)
  private int differentWords;

  protected ClassRow() {}

  ClassRow(Long accountId, String name, String accent, int step, int differentWords) {
    this.accountId = accountId;
    this.name = name;
    this.accent = accent;
    this.step = step;
    this.differentWords = differentWords;
  }

  Long id() {
    return id;
  }

  Long accountId() {
    return accountId;
  }

  String name() {
    return name;
  }

  String accent() {
    return accent;
  }

  int step() {
    return step;
  }

  int differentWords() {
    return differentWords;
  }
}

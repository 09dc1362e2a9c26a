package dettato.app.engine;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** Which edition of the school's own words stands; there is one such row. */
@Entity
@Table(name = "own_word_edition")
class EditionRow {
  static final int ONLY = 1;

  @Id private Integer id;

  private long number;

  protected EditionRow() {}

  long number() {
    return number;
  }

  /** A later one, and not one that a change taken back may have had. */
  void advance() {
    number = Math.max(number + 1, System.currentTimeMillis());
  }
}

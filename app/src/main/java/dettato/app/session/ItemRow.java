package dettato.app.session;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** One word of a dictation. */
@Entity
@Table(name = "item")
class ItemRow {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @Column(nullable = false)
  private Long dictationId;

  @Column(nullable = false)
  private int place;

  @Column(nullable = false)
  private String word;

  protected ItemRow() {}

  ItemRow(Long dictationId, int place, String word) {
    this.dictationId = dictationId;
    this.place = place;
    this.word = word;
  }

  Long id() {
    return id;
  }

  Long dictationId() {
    return dictationId;
  }

  int place() {
    return place;
  }

  String word() {
    return word;
  }
}

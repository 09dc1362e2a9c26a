package dettato.app.session;

import dettato.session.Item;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.SequenceGenerator;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;

/** One thing a block asks. */
@Entity
@Table(name = "item")
class ItemRow {
  @Id
  @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "item_seq")
  @SequenceGenerator(name = "item_seq", sequenceName = "item_seq")
  private Long id;

  @Column(nullable = false)
  private Long blockId;

  @Column(nullable = false)
  private int place;

  @Column(nullable = false)
  private String text;

  @Column(nullable = false)
  @Enumerated(EnumType.STRING)
  private Item.Role role;

  private @Nullable String focus;

  protected ItemRow() {}

  ItemRow(Long blockId, int place, String text, Item.Role role, @Nullable String focus) {
    this.blockId = blockId;
    this.place = place;
    this.text = text;
    this.role = role;
    this.focus = focus;
  }

  Long id() {
    return id;
  }

  Long blockId() {
    return blockId;
  }

  int place() {
    return place;
  }

  String text() {
    return text;
  }

  Item.Role role() {
    return role;
  }

  void move(int place) {
    this.place = place;
  }
}

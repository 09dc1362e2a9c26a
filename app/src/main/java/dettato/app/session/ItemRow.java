package dettato.app.session;

import dettato.block.Item;
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

  @Column(nullable = false)
  private String why;

  @Column(nullable = false)
  private boolean stumbled;

  protected ItemRow() {}

  ItemRow(
      Long blockId, int place, String text, Item.Role role, @Nullable String focus, String why) {
    this.why = why;
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

  void become(Item.Role role) {
    this.role = role;
  }

  String why() {
    return why;
  }

  boolean isStumbled() {
    return stumbled;
  }

  void stumble(boolean stumbled) {
    this.stumbled = stumbled;
  }

  /** The same item in another block. */
  ItemRow copy(Long blockId) {
    return new ItemRow(blockId, place, text, role, focus, why);
  }

  void move(int place) {
    this.place = place;
  }
}

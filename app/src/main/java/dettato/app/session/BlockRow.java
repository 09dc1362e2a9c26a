package dettato.app.session;

import dettato.activity.Item;
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

  @Column(nullable = false)
  @Enumerated(EnumType.STRING)
  private Item.Role role;

  @Column(nullable = false)
  private String title;

  @Column(nullable = false)
  private int wanted;

  private @Nullable Integer plannedSeconds;

  private @Nullable Integer tookSeconds;

  protected BlockRow() {}

  BlockRow(Long sessionId, String kind, int place, Item.Role role, int wanted) {
    this.sessionId = sessionId;
    this.kind = kind;
    this.place = place;
    this.role = role;
    this.title = "";
    this.wanted = wanted;
  }

  /** The same block in another session. */
  BlockRow copy(Long sessionId) {
    BlockRow copy = new BlockRow(sessionId, kind, place, role, wanted);
    copy.title = title;
    return copy;
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

  Item.Role role() {
    return role;
  }

  /** Its own title, "" for that of its kind. */
  String title() {
    return title;
  }

  /** How many items its template asks for; 0 once the teacher has changed them. */
  int wanted() {
    return wanted;
  }

  /** As the teacher wants it now. */
  void become(Item.Role role, String title, int wanted) {
    this.role = role;
    this.title = title;
    this.wanted = wanted;
  }

  /** How long it took, beside what was planned with nothing learnt. */
  void took(int planned, int took) {
    this.plannedSeconds = planned;
    this.tookSeconds = took;
  }
}

package dettato.app.session;

import dettato.activity.Item;
import dettato.prompt.Prompt;
import dettato.session.Points;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.SequenceGenerator;
import jakarta.persistence.Table;
import java.util.Collections;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/** One thing a block asks. */
@Entity
@Table(name = "item")
class ItemRow {
  /** Letters of a text. */
  static final int LONGEST = 300;

  @Id
  @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "item_seq")
  @SequenceGenerator(name = "item_seq", sequenceName = "item_seq")
  private Long id;

  @Column(nullable = false)
  private Long blockId;

  @Column(nullable = false)
  private int place;

  @Column(nullable = false)
  @Convert(converter = PromptColumn.class)
  private Prompt prompt;

  @Column(nullable = false)
  @Enumerated(EnumType.STRING)
  private Item.Role role;

  private @Nullable String focus;

  @Column(nullable = false)
  private String why;

  @Column(nullable = false)
  private boolean stumbled;

  /** Ids of the children who stumbled on it, where the teacher noted them. */
  @ElementCollection
  @CollectionTable(name = "stumble", joinColumns = @JoinColumn(name = "item_id"))
  @Column(name = "pupil_id", nullable = false)
  private Set<Long> stumblers = new TreeSet<>();

  @Column(nullable = false)
  private int ourHalves;

  @Column(nullable = false)
  private int theirHalves;

  protected ItemRow() {}

  ItemRow(
      Long blockId, int place, Prompt prompt, Item.Role role, @Nullable String focus, String why) {
    this.why = why;
    this.blockId = blockId;
    this.place = place;
    this.prompt = prompt;
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

  Prompt prompt() {
    return prompt;
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

  Set<Long> stumblers() {
    return Collections.unmodifiableSet(stumblers);
  }

  void stumble(boolean stumbled, Set<Long> children) {
    this.stumbled = stumbled;
    stumblers.retainAll(children);
    stumblers.addAll(children);
  }

  Points points() {
    return new Points(ourHalves, theirHalves);
  }

  void bring(Points points) {
    this.ourHalves = points.ours();
    this.theirHalves = points.theirs();
  }

  /** The same item in another block. */
  ItemRow copy(Long blockId) {
    return new ItemRow(blockId, place, prompt, role, focus, why);
  }

  void move(int place) {
    this.place = place;
  }
}

package dettato.app.marking;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** What a child wrote for a word: a fact. */
@Entity
@Table(name = "attempt")
class AttemptRow {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @Column(nullable = false)
  private Long classId;

  @Column(nullable = false)
  private Long pupilId;

  private @Nullable Long itemId;

  @Column(nullable = false)
  private LocalDate writtenOn;

  @Column(nullable = false)
  private String target;

  @Column(nullable = false)
  private String written;

  @Column(nullable = false)
  private String state;

  protected AttemptRow() {}

  AttemptRow(
      Long classId,
      Long pupilId,
      @Nullable Long itemId,
      LocalDate writtenOn,
      String target,
      String written,
      String state) {
    this.classId = classId;
    this.pupilId = pupilId;
    this.itemId = itemId;
    this.writtenOn = writtenOn;
    this.target = target;
    this.written = written;
    this.state = state;
  }

  Long id() {
    return id;
  }

  Long classId() {
    return classId;
  }

  Long pupilId() {
    return pupilId;
  }

  @Nullable Long itemId() {
    return itemId;
  }

  LocalDate writtenOn() {
    return writtenOn;
  }

  String target() {
    return target;
  }

  String written() {
    return written;
  }

  String state() {
    return state;
  }

  void rewrite(String written, String state) {
    this.written = written;
    this.state = state;
  }
}

package dettato.app.marking;

import dettato.prompt.Prompt;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.SequenceGenerator;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import jakarta.persistence.Version;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** What a child wrote for an item: a fact. */
@Entity
@Table(name = "attempt")
class AttemptRow {
  @Id
  @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "attempt_seq")
  @SequenceGenerator(name = "attempt_seq", sequenceName = "attempt_seq")
  private Long id;

  @Version private long version;

  @Column(nullable = false)
  private Long classId;

  @Column(nullable = false)
  private Long pupilId;

  private @Nullable Long itemId;

  @Column(nullable = false)
  private String kind;

  @Column(nullable = false)
  private LocalDate writtenOn;

  @Column(nullable = false)
  private String target;

  @Column(nullable = false)
  private String written;

  @Column(nullable = false)
  @Enumerated(EnumType.STRING)
  private AnswerState state;

  private @Nullable String corrected;

  /** What it answers, where that was said when it was written; else its item says it. */
  @Transient private @Nullable Prompt prompt;

  protected AttemptRow() {}

  AttemptRow(Long classId, Entry entry) {
    this.classId = classId;
    this.pupilId = entry.pupilId();
    this.itemId = entry.itemId();
    this.kind = entry.kind();
    this.writtenOn = entry.date();
    this.prompt = entry.prompt();
    this.target = entry.prompt().text();
    this.written = entry.written();
    this.state = entry.kept();
  }

  Long id() {
    return id;
  }

  long version() {
    return version;
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

  String kind() {
    return kind;
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

  AnswerState state() {
    return state;
  }

  @Nullable String corrected() {
    return corrected;
  }

  @Nullable Prompt prompt() {
    return prompt;
  }

  void rewrite(Entry entry) {
    this.prompt = entry.prompt();
    this.written = entry.written();
    this.state = entry.kept();
    if (entry.corrected() != null) {
      this.corrected = entry.corrected().isBlank() ? null : entry.corrected();
    }
  }

  /** Whether what is wanted is what stands there. */
  boolean says(Entry entry) {
    boolean same = written.equals(entry.written()) && state == entry.kept();
    return same
        && (entry.corrected() == null
            || entry.corrected().equals(corrected == null ? "" : corrected));
  }

  void leaveItem() {
    this.itemId = null;
  }
}

package dettato.app.session;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.SequenceGenerator;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** A day's session of a class. Its version rises with every change of its plan. */
@Entity
@Table(name = "session")
class SessionRow {
  @Id
  @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "session_seq")
  @SequenceGenerator(name = "session_seq", sequenceName = "session_seq")
  private Long id;

  @Version private long version;

  @Column(nullable = false)
  private Long classId;

  @Column(nullable = false)
  private LocalDate givenOn;

  @Column(nullable = false)
  private String title;

  @Column(nullable = false)
  private String focus;

  @Column(nullable = false)
  @Enumerated(EnumType.STRING)
  private SessionState state;

  /** Ids of a group's children with commas between; "" for the whole class. */
  @Column(nullable = false)
  private String pupils;

  private @Nullable Instant removedAt;

  protected SessionRow() {}

  SessionRow(Long classId, LocalDate givenOn, String title, String focus, Set<Long> pupils) {
    this.pupils = pupils.stream().sorted().map(String::valueOf).collect(Collectors.joining(","));
    this.classId = classId;
    this.givenOn = givenOn;
    this.title = title;
    this.focus = focus;
    this.state = SessionState.PLANNED;
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

  LocalDate givenOn() {
    return givenOn;
  }

  String title() {
    return title;
  }

  String focus() {
    return focus;
  }

  /** A group's children; empty for the whole class. */
  Set<Long> pupils() {
    return Arrays.stream(pupils.split(","))
        .filter(p -> !p.isEmpty())
        .map(Long::valueOf)
        .collect(Collectors.toCollection(TreeSet::new));
  }

  SessionState state() {
    return state;
  }

  boolean isRemoved() {
    return removedAt != null;
  }

  void plan(LocalDate givenOn, String title, String focus) {
    this.givenOn = givenOn;
    this.title = title;
    this.focus = focus;
  }

  void become(SessionState state) {
    this.state = state;
  }

  void giveOn(LocalDate day) {
    this.givenOn = day;
  }

  void remove(Instant when) {
    this.removedAt = when;
  }

  void restore() {
    this.removedAt = null;
  }
}

package dettato.app.school;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** A child of a class, under a first name or a code. */
@Entity
@Table(name = "pupil")
class PupilRow {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @Column(nullable = false)
  private Long classId;

  @Column(nullable = false)
  private String name;

  @Column(nullable = false)
  private int place;

  protected PupilRow() {}

  PupilRow(Long classId, String name, int place) {
    this.classId = classId;
    this.name = name;
    this.place = place;
  }

  Long id() {
    return id;
  }

  Long classId() {
    return classId;
  }

  String name() {
    return name;
  }

  int place() {
    return place;
  }
}

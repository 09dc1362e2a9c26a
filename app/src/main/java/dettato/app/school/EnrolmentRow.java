package dettato.app.school;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.SequenceGenerator;
import jakarta.persistence.Table;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** A child's time in a class: from a day, to the day before one; open where a day is not known. */
@Entity
@Table(name = "enrolment")
class EnrolmentRow {
  @Id
  @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "enrolment_seq")
  @SequenceGenerator(name = "enrolment_seq", sequenceName = "enrolment_seq")
  private Long id;

  @Column(nullable = false)
  private Long classId;

  @Column(nullable = false)
  private Long pupilId;

  @Column(nullable = false)
  private int place;

  private @Nullable LocalDate fromOn;
  private @Nullable LocalDate toOn;

  @Column(nullable = false)
  private int extraTime;

  protected EnrolmentRow() {}

  EnrolmentRow(Long classId, Long pupilId, int place, @Nullable LocalDate fromOn) {
    this.classId = classId;
    this.pupilId = pupilId;
    this.place = place;
    this.fromOn = fromOn;
  }

  Long id() {
    return id;
  }

  Long pupilId() {
    return pupilId;
  }

  int place() {
    return place;
  }

  void stand(int where) {
    this.place = where;
  }

  void give(int more) {
    this.extraTime = more;
  }

  void leave(LocalDate day) {
    this.toOn = day;
  }

  void comeBack() {
    this.toOn = null;
  }
}

package dettato.app.outcome;

import jakarta.persistence.Column;
import jakarta.persistence.MappedSuperclass;

/** What a child showed on a day; both stand in every row, so that one table is enough to count. */
@MappedSuperclass
abstract class ChildsRow {
  @Column(nullable = false)
  private Long pupilId;

  /** Days since 1970. */
  @Column(nullable = false)
  private int onDay;

  protected ChildsRow() {}

  ChildsRow(Judgement of) {
    this.pupilId = of.pupil();
    this.onDay = Math.toIntExact(of.day().toEpochDay());
  }
}

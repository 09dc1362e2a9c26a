package dettato.app.outcome;

import dettato.diagnose.SoundPlace;
import dettato.mark.Mark;
import dettato.mark.UnitMark;
import dettato.mark.Verdict;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;

/** A unit that is not as it is due; the others are known from the word. */
@Entity
@Table(name = "mark_unit")
class UnitRow extends ChildsRow {
  @EmbeddedId private UnitAt at;

  @Column(nullable = false)
  private String target;

  @Column(nullable = false)
  private String attempt;

  @Column(nullable = false)
  private String sound;

  @Column(nullable = false)
  private String due;

  @Column(nullable = false)
  private String openTo;

  @Column(nullable = false)
  private String written;

  @Column(nullable = false)
  @Enumerated(EnumType.STRING)
  private Verdict verdict;

  private @Nullable String confusion;

  @Column(nullable = false)
  private boolean counted;

  @Embeddable
  record UnitAt(Long attemptId, int word, int unit) {}

  protected UnitRow() {}

  UnitRow(Judgement of, int word, Mark mark, int unit) {
    super(of);
    SoundPlace place = SoundPlace.of(mark, unit);
    UnitMark is = mark.units().get(unit);
    this.at = new UnitAt(of.attempt(), word, unit);
    this.target = mark.target().spelling();
    this.attempt = mark.attempt();
    this.sound = place.sound();
    this.due = place.due();
    this.openTo = place.openTo();
    this.written = is.written();
    this.verdict = is.verdict();
    this.confusion = is.confusion().orElse(null);
    this.counted = of.tells(mark);
  }
}

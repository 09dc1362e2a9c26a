package dettato.app.outcome;

import dettato.diagnose.Need;
import dettato.mark.Mark;
import dettato.mark.Result;
import dettato.mark.RuleMark;
import dettato.mark.SentenceMarker.Kind;
import dettato.mark.SentenceMarker.WordMark;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;

/** A word of an answer: what was due, what was written, and what it needs. */
@Entity
@Table(name = "mark_word")
class WordRow extends ChildsRow {
  @EmbeddedId private WordAt at;

  @Column(nullable = false)
  private String target;

  @Column(nullable = false)
  private String attempt;

  @Column(nullable = false)
  @Enumerated(EnumType.STRING)
  private Kind kind;

  @Enumerated(EnumType.STRING)
  private @Nullable Result result;

  @Enumerated(EnumType.STRING)
  private @Nullable Need need;

  @Column(nullable = false)
  private int sounds;

  @Column(nullable = false)
  private int represented;

  @Column(nullable = false)
  private int elements;

  /** Whether its sounds say anything of the child. */
  @Column(nullable = false)
  private boolean counted;

  /**
   * @param word its place in the answer
   */
  @Embeddable
  record WordAt(Long attemptId, int word) {}

  protected WordRow() {}

  /** A word without a partner: lost, added or put in place of another. */
  WordRow(Judgement of, int place, WordMark lost) {
    super(of);
    this.at = new WordAt(of.attempt(), place);
    this.target = lost.target();
    this.attempt = lost.written();
    this.kind = lost.kind();
  }

  WordRow(Judgement of, int place, Kind kind, Mark mark) {
    super(of);
    this.at = new WordAt(of.attempt(), place);
    this.target = mark.target().spelling();
    this.attempt = mark.attempt();
    this.kind = kind;
    this.result = mark.result();
    this.need =
        of.tells()
            ? Need.of(
                    mark.result(),
                    mark.rules().stream()
                        .filter(r -> r.outcome().isFailure())
                        .map(RuleMark::rule)
                        .toList())
                .orElse(null)
            : null;
    this.sounds = mark.units().size();
    this.represented = Math.toIntExact(mark.represented());
    this.elements = Math.toIntExact(mark.elementScore());
    this.counted = of.tells(mark);
  }
}

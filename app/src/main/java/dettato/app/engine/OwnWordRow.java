package dettato.app.engine;

import dettato.word.Segmentation;
import dettato.word.Word;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** A school's own word. */
@Entity
@Table(name = "own_word")
class OwnWordRow {
  @Id private String spelling;

  @Column(nullable = false)
  private String units;

  @Column(nullable = false)
  private boolean choose;

  @Column(nullable = false)
  private String clue;

  @Column(nullable = false)
  private Long accountId;

  @Column(nullable = false)
  private Instant madeAt;

  protected OwnWordRow() {}

  OwnWordRow(Word word, Long accountId, Instant madeAt) {
    this.spelling = word.spelling();
    this.units = word.cut().format();
    this.choose = word.use() == Word.Use.CHOOSE;
    this.clue = word.clue();
    this.accountId = accountId;
    this.madeAt = madeAt;
  }

  Word word() {
    Word.Use use = choose ? Word.Use.CHOOSE : Word.Use.KNOW;
    return Word.own(Segmentation.parse(spelling, units), use, clue);
  }
}

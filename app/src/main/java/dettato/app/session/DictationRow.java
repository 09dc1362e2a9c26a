package dettato.app.session;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;

/** A dictation of a class. */
@Entity
@Table(name = "dictation")
class DictationRow {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @Column(nullable = false)
  private Long classId;

  @Column(nullable = false)
  private LocalDate givenOn;

  @Column(nullable = false)
  private String rule;

  @Column(nullable = false)
  private String sentence;

  @Column(nullable = false)
  private String state;

  protected DictationRow() {}

  DictationRow(Long classId, LocalDate givenOn, String rule, String sentence, String state) {
    this.classId = classId;
    this.givenOn = givenOn;
    this.rule = rule;
    this.sentence = sentence;
    this.state = state;
  }

  Long id() {
    return id;
  }

  Long classId() {
    return classId;
  }

  LocalDate givenOn() {
    return givenOn;
  }

  String rule() {
    return rule;
  }

  String sentence() {
    return sentence;
  }

  String state() {
    return state;
  }

  void plan(String rule, String sentence) {
    this.rule = rule;
    this.sentence = sentence;
  }

  void become(String state) {
    this.state = state;
  }

  void giveOn(LocalDate day) {
    this.givenOn = day;
  }
}

package dettato.app.school;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.SequenceGenerator;
import jakarta.persistence.Table;

/** A class; who teaches it, who sits in it and how it works are rows of their own. */
@Entity
@Table(name = "school_class")
class ClassRow {
  @Id
  @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "school_class_seq")
  @SequenceGenerator(name = "school_class_seq", sequenceName = "school_class_seq")
  private Long id;

  @Column(nullable = false)
  private String name;

  protected ClassRow() {}

  ClassRow(String name) {
    this.name = name;
  }

  Long id() {
    return id;
  }

  String name() {
    return name;
  }
}

package dettato.app.school;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;

/** That a teacher has a class. */
@Entity
@Table(name = "class_teacher")
@IdClass(ClassTeacherRow.Key.class)
class ClassTeacherRow {
  /** Class and teacher together. */
  record Key(Long classId, Long accountId) implements Serializable {}

  /** How a teacher has a class. */
  enum Role {
    /** Made it, and may share it. */
    OWNER,
    SHARES
  }

  @Id private Long classId;
  @Id private Long accountId;

  @Column(nullable = false)
  @Enumerated(EnumType.STRING)
  private Role role;

  protected ClassTeacherRow() {}

  ClassTeacherRow(Long classId, Long accountId, Role role) {
    this.classId = classId;
    this.accountId = accountId;
    this.role = role;
  }

  Long accountId() {
    return accountId;
  }
}

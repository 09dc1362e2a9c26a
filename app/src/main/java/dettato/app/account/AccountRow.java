package dettato.app.account;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.SequenceGenerator;
import jakarta.persistence.Table;

/** A teacher's account. */
@Entity
@Table(name = "account")
class AccountRow {
  @Id
  @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "account_seq")
  @SequenceGenerator(name = "account_seq", sequenceName = "account_seq")
  private Long id;

  @Column(nullable = false)
  private String name;

  @Column(nullable = false)
  private String passwordHash;

  @Column(nullable = false)
  @Enumerated(EnumType.STRING)
  private Role role;

  @Column(nullable = false)
  private boolean enabled;

  protected AccountRow() {}

  AccountRow(String name, String passwordHash, Role role) {
    this.name = name;
    this.passwordHash = passwordHash;
    this.role = role;
    this.enabled = true;
  }

  Long id() {
    return id;
  }

  String name() {
    return name;
  }

  String passwordHash() {
    return passwordHash;
  }

  Role role() {
    return role;
  }

  boolean enabled() {
    return enabled;
  }

  Teacher teacher() {
    return new Teacher(id, name, role);
  }
}

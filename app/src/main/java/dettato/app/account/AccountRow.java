package dettato.app.account;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** A teacher's account. */
@Entity
@Table(name = "account")
class AccountRow {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @Column(nullable = false)
  private String name;

  @Column(nullable = false)
  private String passwordHash;

  protected AccountRow() {}

  AccountRow(String name, String passwordHash) {
    this.name = name;
    this.passwordHash = passwordHash;
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
}

package dettato.app.account;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import dettato.app.web.Problem;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;

class AccountsTest {
  private static final PasswordEncoder PASSWORDS =
      PasswordEncoderFactories.createDelegatingPasswordEncoder();
  private final AccountRow ada = mock(AccountRow.class);
  private final AccountRows rows = mock(AccountRows.class);
  private final Accounts accounts = new Accounts(rows, PASSWORDS);

  @BeforeEach
  void adaHasAnAccount() {
    when(ada.id()).thenReturn(4L);
    when(ada.name()).thenReturn("ada");
    when(ada.passwordHash()).thenReturn(PASSWORDS.encode("limpet-shell"));
    when(rows.findByName("ada")).thenReturn(Optional.of(ada));
    when(rows.findByName("bea")).thenReturn(Optional.empty());
  }

  @Test
  void letsInWhoKnowsThePassword() {
    assertEquals(new Teacher(4, "ada"), accounts.logIn("ada", "limpet-shell"));
  }

  @Test
  void saysTheSameOfAWrongNameAsOfAWrongPassword() {
    String wrongName = failure("bea", "limpet-shell");
    assertEquals("Name and password do not match.", wrongName);
    assertEquals(wrongName, failure("ada", "guess"));
  }

  @Test
  void restsANameAfterTenWrongPasswordsEvenForTheRightOne() {
    for (int i = 0; i < 10; i++) {
      failure("ada", "guess" + i);
    }
    assertTrue(failure("ada", "limpet-shell").startsWith("Too many wrong passwords"));
  }

  @Test
  void aRightPasswordForgetsTheWrongOnesBefore() {
    for (int i = 0; i < 9; i++) {
      failure("ada", "guess" + i);
    }
    accounts.logIn("ada", "limpet-shell");
    assertEquals("Name and password do not match.", failure("ada", "guess"));
  }

  @Test
  void keepsNoPasswordAsItWasTyped() {
    when(rows.save(any())).thenReturn(ada);
    accounts.create("ada", "limpet-shell");
    ArgumentCaptor<AccountRow> saved = ArgumentCaptor.forClass(AccountRow.class);
    verify(rows).save(saved.capture());
    String hash = saved.getValue().passwordHash();
    assertFalse(hash.contains("limpet"));
    assertTrue(PASSWORDS.matches("limpet-shell", hash));
  }

  private String failure(String name, String password) {
    return String.valueOf(
        assertThrows(Problem.class, () -> accounts.logIn(name, password)).getMessage());
  }
}

package dettato.app.account;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import dettato.app.problem.Problem;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.mockito.ArgumentCaptor;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;

class AccountsTest {
  private static final PasswordEncoder PASSWORDS =
      PasswordEncoderFactories.createDelegatingPasswordEncoder();
  private static final String HERE = "127.0.0.1";
  private final AccountRow ada = mock(AccountRow.class);
  private final AccountRows rows = mock(AccountRows.class);
  private final Accounts accounts = new Accounts(rows, PASSWORDS, new Tries());

  @BeforeEach
  void adaHasAnAccount() {
    when(ada.teacher()).thenReturn(new Teacher(4, "ada", Role.TEACHER));
    when(ada.enabled()).thenReturn(true);
    when(ada.passwordHash()).thenReturn(PASSWORDS.encode("limpet-shell"));
    when(rows.findByName("ada")).thenReturn(Optional.of(ada));
    when(rows.findByName("bea")).thenReturn(Optional.empty());
  }

  @Test
  void letsInWhoKnowsThePassword() {
    assertEquals(new Teacher(4, "ada", Role.TEACHER), accounts.logIn("ada", "limpet-shell", HERE));
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
  void whoHasLoggedInAtAnAddressIsNotLockedOutThere() {
    accounts.logIn("ada", "limpet-shell", HERE);
    for (int i = 0; i < 10; i++) {
      failure("ada", "guess" + i, "10.0.0.9");
    }
    assertTrue(failure("ada", "limpet-shell", "10.0.0.9").startsWith("Too many"));
    assertTrue(failure("ada", "limpet-shell", "10.0.0.10").startsWith("Too many"));
    assertEquals("ada", accounts.logIn("ada", "limpet-shell", HERE).name());
  }

  @Test
  void oneWhoKnowsThePlaceHasTenTriesThereToo() {
    accounts.logIn("ada", "limpet-shell", HERE);
    for (int i = 0; i < 10; i++) {
      failure("ada", "guess" + i);
    }
    assertTrue(failure("ada", "limpet-shell").startsWith("Too many"));
  }

  @Test
  void oneAddressHasFiftyTriesForAllNames() {
    for (int i = 0; i < 50; i++) {
      failure("nobody" + i, "guess");
    }
    assertTrue(failure("ada", "limpet-shell").startsWith("Too many"));
  }

  /** The work of checking a password is done for a name that nobody has too. */
  @Test
  void refusesAnUnknownNameOnlyAfterCheckingAPassword() {
    PasswordEncoder counted = mock(PasswordEncoder.class);
    when(counted.encode(any())).thenReturn("hash");
    failureOf(new Accounts(rows, counted, new Tries()), "bea");
    verify(counted).matches("guess", "hash");
  }

  private static void failureOf(Accounts accounts, String name) {
    assertThrows(Problem.class, () -> accounts.logIn(name, "guess", HERE));
  }

  @Test
  void aDisabledAccountIsRefusedLikeAWrongPassword() {
    when(ada.enabled()).thenReturn(false);
    assertEquals("Name and password do not match.", failure("ada", "limpet-shell"));
  }

  @ParameterizedTest
  @ValueSource(strings = {"short", "ééééééééééééééééééééééééééééééééééééé"})
  void takesAPasswordOfTenLettersToSeventyTwoBytes(String password) {
    assertTrue(
        String.valueOf(
                assertThrows(Problem.class, () -> accounts.create("cole", password, Role.TEACHER))
                    .getMessage())
            .contains("72 bytes"));
  }

  @Test
  void refusesANameThatIsTaken() {
    assertThrows(Problem.class, () -> accounts.create(" ada ", "limpet-shell", Role.TEACHER));
  }

  @Test
  void aRightPasswordForgetsTheWrongOnesBefore() {
    for (int i = 0; i < 9; i++) {
      failure("ada", "guess" + i);
    }
    accounts.logIn("ada", "limpet-shell", HERE);
    assertEquals("Name and password do not match.", failure("ada", "guess"));
  }

  @Test
  void keepsNoPasswordAsItWasTyped() {
    when(rows.save(any())).thenReturn(ada);
    accounts.create("cole", "limpet-shell", Role.TEACHER);
    ArgumentCaptor<AccountRow> saved = ArgumentCaptor.forClass(AccountRow.class);
    verify(rows).save(saved.capture());
    String hash = saved.getValue().passwordHash();
    assertFalse(hash.contains("limpet"));
    assertTrue(PASSWORDS.matches("limpet-shell", hash));
  }

  private String failure(String name, String password) {
    return failure(name, password, HERE);
  }

  private String failure(String name, String password, String address) {
    return String.valueOf(
        assertThrows(Problem.class, () -> accounts.logIn(name, password, address)).getMessage());
  }
}

package dettato.activity;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import dettato.focus.Focus;
import dettato.input.Unacceptable;
import java.util.List;
import org.junit.jupiter.api.Test;

class FocusTest {
  @Test
  void hasATitle() {
    assertEquals("dge or ge at the end", new Focus.Rule("final-j").title());
    assertEquals("/eɪ/ as ai, a-e", new Focus.Rivals("eɪ", List.of("ai", "a_e")).title());
    assertEquals("irregular words", new Focus.Irregular().title());
  }

  @Test
  void mustBeAboutSomething() {
    assertThrows(Unacceptable.class, () -> new Focus.Rule("no-such-rule"));
    assertThrows(Unacceptable.class, () -> new Focus.Rivals("eɪ", List.of()));
    assertThrows(Unacceptable.class, () -> new Focus.Rivals("", List.of("ai")));
  }
}

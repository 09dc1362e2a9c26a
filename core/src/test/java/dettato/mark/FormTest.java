package dettato.mark;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashMap;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class FormTest {
  @ParameterizedTest
  @EnumSource(Verdict.class)
  void givesBackWhatWasPacked(Verdict verdict) {
    int form = Form.of(verdict, 123, "mirror");
    assertEquals(verdict, Form.verdict(form));
    assertEquals(123, Form.points(form));
    assertEquals("mirror", Form.confusion(form));
    assertNotEquals(0, form);
  }

  @Test
  void onlyInContextChangesNothingElse() {
    int form = Form.of(Verdict.ALTERNATIVE, 7, "");
    int picky = Form.onlyInContext(form);
    assertTrue(Form.isOnlyInContext(picky));
    assertFalse(Form.isOnlyInContext(form));
    assertEquals(7, Form.points(picky));
    assertEquals(Verdict.ALTERNATIVE, Form.verdict(picky));
  }

  @Test
  void refusesAConfusionWithoutAName() {
    assertThrows(IllegalArgumentException.class, () -> Form.of(Verdict.NEAR, 1, "muddle"));
  }

  @Test
  void packsGraphemesApart() {
    assertNotEquals(Form.pack("ae"), Form.pack("a_e"));
    assertNotEquals(Form.pack("ab"), Form.pack("ba"));
    assertEquals(0, Form.pack("é"));
    assertEquals(Form.pack("dge"), Form.pack("ledge", 2, 5));
  }

  @Test
  void aMapFindsWhatIsThereAndNothingElse() {
    Random random = new Random(5);
    Map<Integer, Integer> entries = new HashMap<>();
    while (entries.size() < 150) {
      StringBuilder grapheme = new StringBuilder();
      for (int length = 1 + random.nextInt(4); length > 0; length--) {
        grapheme.append((char) ('a' + random.nextInt(26)));
      }
      entries.put(
          Form.pack(grapheme.toString()), Form.of(Verdict.NEAR, random.nextInt(30), "place"));
    }
    FormMap map = new FormMap(entries);
    entries.forEach((key, form) -> assertEquals(form, map.get(key)));
    for (int i = 0; i < 10_000; i++) {
      int key = 1 + random.nextInt(1 << 20);
      assertEquals(entries.getOrDefault(key, 0), map.get(key));
    }
  }

  @Test
  void aMapKnowsItsLongestGraphemeByFirstLetter() {
    FormMap map = new FormMap(Map.of(Form.pack("t"), 1, Form.pack("tch"), 1, Form.pack("a_e"), 1));
    assertEquals(3, map.longest(Form.letter('t')));
    assertEquals(1, map.longest(Form.letter('a')));
    assertEquals(0, map.longest(Form.letter('z')));
  }
}

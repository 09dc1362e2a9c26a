package dettato.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class UnsuitableTest {
  /** Test vectors of the authors of FNV-1a. */
  @Test
  void hashesAsPublished() {
    assertEquals(0xcbf29ce484222325L, Unsuitable.hash(""));
    assertEquals(0xaf63dc4c8601ec8cL, Unsuitable.hash("a"));
    assertEquals(0x85944171f73967e8L, Unsuitable.hash("foobar"));
  }

  @ParameterizedTest
  @ValueSource(strings = {"lighthouse", "smodge", "thrank", "scrouth", "zinge"})
  void leavesHarmlessWordsAlone(String word) {
    assertFalse(Unsuitable.isNear(word));
  }

  /** Mild ones, that stand for those not written down here. */
  @ParameterizedTest
  @ValueSource(strings = {"bum", "bumm", "bumb", "poo"})
  void knowsWordsNoClassShouldMeetAndWhatIsOneLetterFromThem(String word) {
    assertTrue(Unsuitable.isNear(word));
  }

  @Test
  void knowsThemBySoundToo() {
    assertTrue(Unsuitable.sounds("bʌm"));
  }

  @Test
  void leavesHarmlessSoundsAlone() {
    assertFalse(Unsuitable.sounds("laɪthaʊs"));
  }
}

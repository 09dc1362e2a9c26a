package dettato.app;

import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import dettato.app.engine.Engines;
import dettato.engine.Engine;
import java.lang.ref.WeakReference;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Every own word makes the language anew; the one before it is let go of. */
class OwnWordsMemoryTest extends ApiCase {
  private static final int WORDS = 5;

  @Autowired private Engines engines;

  @Test
  void aLanguageGoesWhenItsOwnWordsHaveChanged() throws Exception {
    long of = newClass("Own words");
    List<WeakReference<Engine>> made = new ArrayList<>();
    for (int i = 0; i < WORDS; i++) {
      read(
          write(
              put("/api/own-words/zo" + "g".repeat(i + 1)),
              "{\"units\":[{\"grapheme\":\"z\",\"phoneme\":\"z\"},{\"grapheme\":\"o\",\"phoneme\":\"ɒ\"}"
                  + ",{\"grapheme\":\"g\",\"phoneme\":\"ɡ\"}".repeat(i + 1)
                  + "],\"clue\":\"\",\"choose\":true}"));
      read(
          write(
              post("/api/classes/" + of + "/fill"),
              body(
                  "kind",
                  "sentence",
                  "focus",
                  List.of(Map.of("rule", "final-ch")),
                  "count",
                  2,
                  "without",
                  List.of(),
                  "seed",
                  i)));
      read("/api/classes/" + of + "/exercises/gap?rule=final-ch");
      made.add(new WeakReference<>(engines.of("en-GB")));
    }
    long left = WORDS;
    for (int tries = 0; left > 1 && tries < 20; tries++) {
      System.gc();
      left = made.stream().filter(l -> l.get() != null).count();
    }
    assertTrue(left <= 1, left + " of " + WORDS + " engines are held");
    for (int i = 0; i < WORDS; i++) {
      doing(write(delete("/api/own-words/zo" + "g".repeat(i + 1)), ""));
    }
  }
}

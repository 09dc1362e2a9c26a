package dettato.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GuessersTest {
  @ParameterizedTest(name = "{0} on {1} is right {2} times")
  @CsvSource({
    "OTHER, abababab, 6", // at the second place nothing else was asked yet
    "SAME, aaaa, 3",
    "RUN, aabbaabb, 6",
    "REMEMBERS, aabaabaab, 5",
    "MOST, aaabaaab, 5",
    "LEAST, abababab, 3"
  })
  void guessesAsItIsSaid(Guessers.Way way, String order, int right) {
    List<Integer> asked = order.chars().boxed().toList();
    assertEquals(right, Guessers.score(way, asked).right());
    assertEquals(order.length() - 1, Guessers.score(way, asked).places());
  }

  @Test
  void nothingIsGuessedOfOneAnswer() {
    assertEquals(0, Guessers.best(List.of("a")).share());
  }
}

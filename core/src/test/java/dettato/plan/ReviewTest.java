package dettato.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReviewTest {
  private static final LocalDate DAY = LocalDate.of(2026, 9, 7);

  private static Review.Met met(String word, int day, int missed) {
    return new Review.Met(word, DAY.plusDays(day), 20, missed);
  }

  private static List<String> due(int day, Review.Met... met) {
    return Review.due(List.of(met), DAY.plusDays(day)).stream().map(Review.Due::word).toList();
  }

  @Test
  void whatMostMissedComesBackFirstTheNextDay() {
    assertEquals(
        List.of("ridge", "huge"), due(1, met("huge", 0, 4), met("ridge", 0, 9), met("cage", 0, 1)));
    assertEquals(List.of(), due(0, met("huge", 0, 4)));
  }

  @ParameterizedTest(name = "right {0} times since, after {1} days: due {2}")
  @CsvSource({
    "1, 6, false",
    "1, 7, true",
    "2, 13, false",
    "2, 14, true",
    "3, 28, true",
    "4, 99, false"
  })
  void waitsLongerEachTimeItIsRight(int times, int days, boolean due) {
    Review.Met[] met = new Review.Met[times + 1];
    met[0] = met("huge", 0, 5);
    for (int i = 1; i <= times; i++) {
      met[i] = met("huge", i, 0);
    }
    assertEquals(due ? List.of("huge") : List.of(), due(times + days, met));
  }

  @Test
  void missedAgainItBeginsAnew() {
    assertEquals(List.of("huge"), due(3, met("huge", 0, 5), met("huge", 1, 0), met("huge", 2, 6)));
  }

  @Test
  void oneOfAFewChildrenIsEnough() {
    assertEquals(List.of("huge"), due(1, new Review.Met("huge", DAY, 3, 1)));
  }

  @Test
  void knowsWhatNearlyAllHadTwice() {
    List<Review.Met> met =
        List.of(met("said", 0, 1), met("said", 2, 0), met("come", 0, 0), met("come", 2, 6));
    assertEquals(Set.of("said"), Review.known(met, DAY.plusDays(3)));
    assertEquals(Set.of(), Review.known(met, DAY.plusDays(2)));
  }
}

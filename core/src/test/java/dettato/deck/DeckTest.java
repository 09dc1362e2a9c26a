package dettato.deck;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DeckTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 9, 7);
  private static final Card AI = new Card(Card.Kind.GRAPHEME, "ai", "/eɪ/");
  private static final Card ING = new Card(Card.Kind.ENDING, "-ing", "as in jumping");

  private static Deck.Standing standing(Card card, LocalDate today, Asking... asked) {
    return new Deck(List.of(card), Map.of(card.id(), List.of(asked)), today).standings().get(0);
  }

  private static Asking right(int day) {
    return new Asking(MONDAY.plusDays(day), true);
  }

  private static Asking wrong(int day) {
    return new Asking(MONDAY.plusDays(day), false);
  }

  @Test
  void sleepsAfterThreeRightDaysAndIsAskedOnceTheWeekAfter() {
    assertEquals(Deck.State.NEW, standing(AI, MONDAY).state());
    assertEquals(
        Deck.State.AWAKE, standing(AI, MONDAY.plusDays(2), right(0), right(1), right(1)).state());
    Asking[] secure = {right(0), right(1), right(2)};
    assertEquals(Deck.State.ASLEEP, standing(AI, MONDAY.plusDays(3), secure).state());
    assertFalse(standing(AI, MONDAY.plusDays(4), secure).due());
    assertTrue(standing(AI, MONDAY.plusDays(7), secure).due());
    assertFalse(standing(AI, MONDAY.plusDays(9), right(0), right(1), right(2), right(7)).due());
  }

  @Test
  void anErrorBringsItBackTheNextDay() {
    Deck.Standing back = standing(AI, MONDAY.plusDays(8), right(0), right(1), right(2), wrong(7));
    assertEquals(Deck.State.BACK, back.state());
    assertTrue(back.due());
    assertEquals(0, back.days());
    assertFalse(standing(AI, MONDAY.plusDays(7), wrong(7)).due());
  }

  @Test
  void endingsNeverSleep() {
    Deck.Standing ending =
        standing(ING, MONDAY.plusDays(5), right(0), right(1), right(2), right(3), right(4));
    assertEquals(Deck.State.AWAKE, ending.state());
    assertTrue(ending.due());
  }

  /** Eight weeks, daily: every sleeping card once a week, every error back the next day. */
  @ParameterizedTest
  @ValueSource(ints = {10, 24, 25, 70})
  void meetsEverySleepingCardOnceACycle(int size) {
    List<Card> cards =
        IntStream.range(0, size)
            .mapToObj(i -> new Card(Card.Kind.GRAPHEME, "g" + i, "/x/"))
            .toList();
    Map<String, List<Asking>> history = new HashMap<>();
    cards.forEach(
        c -> history.put(c.id(), new ArrayList<>(List.of(right(-5), right(-4), right(-3)))));
    Random random = new Random(size);
    Set<String> missed = new HashSet<>();
    int most = 0;
    for (int week = 0; week < 8; week++) {
      Map<String, Integer> asked = new HashMap<>();
      Set<String> woken = new HashSet<>();
      for (int d = 0; d < 5; d++) {
        LocalDate today = MONDAY.plusWeeks(week).plusDays(d);
        assertTrue(today.getDayOfWeek().compareTo(DayOfWeek.FRIDAY) <= 0);
        List<Deck.Standing> dealt = new Deck(cards, history, today).deal(8);
        Set<String> ids = new HashSet<>(dealt.stream().map(s -> s.card().id()).toList());
        assertTrue(ids.containsAll(missed), "missed yesterday " + missed + ", dealt " + ids);
        missed = new HashSet<>();
        most =
            Math.max(
                most, (int) dealt.stream().filter(s -> s.state() == Deck.State.ASLEEP).count());
        for (Deck.Standing one : dealt) {
          boolean ok = random.nextInt(20) > 0 || missed.size() == 8;
          String id = one.card().id();
          history.get(id).add(new Asking(today, ok));
          if (one.state() == Deck.State.ASLEEP) {
            asked.merge(id, 1, Integer::sum);
          } else {
            woken.add(id);
          }
          if (!ok) {
            missed.add(id);
            woken.add(id);
          }
        }
      }
      for (Card card : cards) {
        if (!woken.contains(card.id())) {
          assertEquals(1, asked.getOrDefault(card.id(), 0), card.id() + " in week " + week);
        }
      }
    }
    assertTrue(size <= Deck.HALVED_OVER || most <= (size + 1) / 2, most + " at once");
  }
}

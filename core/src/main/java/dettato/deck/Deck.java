package dettato.deck;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The cards of a class and what became of them. A card that was right on {@link #SECURE} different
 * days in a row sleeps: it is asked once a week. Of a large sleeping deck one half is dealt, then
 * the other. An error wakes a card; endings never sleep.
 */
public final class Deck {
  /** So many right days in a row make a card secure. */
  public static final int SECURE = 3;

  /** A sleeping card is asked once in so many days, Monday to Sunday. */
  public static final int CYCLE_DAYS = 7;

  /** A larger sleeping deck is dealt by halves. */
  public static final int HALVED_OVER = 24;

  /** 1970-01-01 was a Thursday. */
  private static final int MONDAY = 3;

  private final List<Standing> standings;
  private final LocalDate today;

  /** Where a card stands. */
  public enum State {
    /** Never asked yet. */
    NEW,
    /** Asked, and not secure. */
    AWAKE,
    /** There was an error the last time. */
    BACK,
    /** Secure: asked once a week. */
    ASLEEP
  }

  /**
   * A card and where it stands.
   *
   * @param days right in a row, each day once
   * @param last day it was asked; empty for a new one
   * @param due whether it is to be asked today
   */
  public record Standing(Card card, State state, int days, Optional<LocalDate> last, boolean due) {

    /** Why it is due or not, in a few words. */
    public String why() {
      return switch (state) {
        case NEW -> "new";
        case BACK -> "missed last time";
        case AWAKE ->
            card.kind() == Card.Kind.ENDING
                ? "endings never sleep"
                : "right on %d of %d days".formatted(days, SECURE);
        case ASLEEP -> due ? "asleep, its turn this week" : "asleep";
      };
    }
  }

  /**
   * @param history of each card by its id, in any order
   * @param today cards that were asked today already are not due
   */
  public Deck(List<Card> cards, Map<String, List<Asking>> history, LocalDate today) {
    this.today = today;
    List<Standing> all = new ArrayList<>();
    for (Card card : cards) {
      all.add(standing(card, history.getOrDefault(card.id(), List.of())));
    }
    Set<String> turn = turn(all);
    this.standings =
        all.stream()
            .map(
                s ->
                    s.state == State.ASLEEP
                        ? new Standing(s.card, s.state, s.days, s.last, turn.contains(s.card.id()))
                        : s)
            .toList();
  }

  /** Every card, in the order given. */
  public List<Standing> standings() {
    return standings;
  }

  /**
   * The cards to ask today: those missed, then so many of the others that are awake, those asked
   * longest ago first and the kinds in turn; then every sleeping one whose turn it is.
   *
   * @param awake the most that are dealt of cards that do not sleep
   */
  public List<Standing> deal(int awake) {
    Map<String, Integer> ofItsKind = new HashMap<>();
    Map<String, Integer> places = new HashMap<>();
    List<Standing> waiting =
        standings.stream()
            .filter(s -> s.due && s.state != State.ASLEEP)
            .sorted(Comparator.comparing(s -> s.last.orElse(LocalDate.MIN)))
            .toList();
    waiting.forEach(
        s ->
            places.put(
                s.card.id(), ofItsKind.merge(s.state + " " + s.card.kind(), 1, Integer::sum)));
    List<Standing> dealt =
        new ArrayList<>(
            waiting.stream()
                .sorted(
                    Comparator.comparingInt(Deck::urgency)
                        .thenComparingInt(s -> places.getOrDefault(s.card.id(), 0)))
                .limit(awake)
                .toList());
    standings.stream().filter(s -> s.due && s.state == State.ASLEEP).forEach(dealt::add);
    return dealt;
  }

  private static int urgency(Standing one) {
    return switch (one.state) {
      case BACK -> 0;
      case AWAKE -> 1;
      case NEW -> 2;
      case ASLEEP -> 3;
    };
  }

  private Standing standing(Card card, List<Asking> asked) {
    List<Asking> inOrder =
        asked.stream()
            .filter(a -> !a.on().isAfter(today))
            .sorted(Comparator.comparing(Asking::on).thenComparing(a -> !a.right()))
            .toList();
    Set<LocalDate> right = new HashSet<>();
    boolean missed = false;
    for (Asking one : inOrder) {
      missed = !one.right();
      if (missed) {
        right.clear();
      } else {
        right.add(one.on());
      }
    }
    Optional<LocalDate> last =
        inOrder.isEmpty() ? Optional.empty() : Optional.of(inOrder.get(inOrder.size() - 1).on());
    boolean sleeps = right.size() >= SECURE && card.kind() != Card.Kind.ENDING;
    State state =
        inOrder.isEmpty() ? State.NEW : sleeps ? State.ASLEEP : missed ? State.BACK : State.AWAKE;
    boolean due = last.isEmpty() || last.get().isBefore(today);
    return new Standing(card, state, right.size(), last, due);
  }

  /** The sleeping cards whose turn it is: not asked this week yet, one half of many at a time. */
  private Set<String> turn(List<Standing> all) {
    List<Standing> asleep = all.stream().filter(s -> s.state == State.ASLEEP).toList();
    boolean begun =
        asleep.stream().anyMatch(s -> s.last.filter(today::equals).isPresent())
            && asleep.size() > HALVED_OVER;
    int most = asleep.size() > HALVED_OVER ? (asleep.size() + 1) / 2 : asleep.size();
    Set<String> turn = new HashSet<>();
    asleep.stream()
        .filter(s -> cycle(s.last.orElseThrow()) < cycle(today))
        .sorted(Comparator.comparing(s -> s.last.orElseThrow()))
        .limit(begun ? 0 : most)
        .forEach(s -> turn.add(s.card.id()));
    return turn;
  }

  private static long cycle(LocalDate day) {
    return Math.floorDiv(day.toEpochDay() + MONDAY, (long) CYCLE_DAYS);
  }
}

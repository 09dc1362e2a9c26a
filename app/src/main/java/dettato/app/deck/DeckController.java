package dettato.app.deck;

import com.fasterxml.jackson.annotation.JsonInclude;
import dettato.app.account.Teacher;
import dettato.app.school.Classes;
import dettato.app.school.SchoolClass;
import dettato.app.terms.Prose;
import dettato.deck.Card;
import dettato.deck.Deck;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** The deck of a class. */
@RestController
@RequiredArgsConstructor
class DeckController {
  /** As many that are awake as a session usually deals. */
  private static final int AWAKE = 8;

  private final Decks decks;
  private final Classes classes;
  private final Clock clock;

  /**
   * A card.
   *
   * @param days right in a row, each day once
   * @param last day it was asked, if it was
   * @param due whether it may be asked today
   * @param dealt whether the next session would deal it
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  record CardView(
      Card.Kind kind,
      @Prose String front,
      @Prose String back,
      Deck.State state,
      int days,
      @Nullable LocalDate last,
      boolean due,
      boolean dealt,
      @Prose String why) {}

  /**
   * @param secure how many right days make a card secure
   */
  record DeckView(List<CardView> cards, int secure) {}

  /** The class's cards as they stand today: due, secure, asleep. */
  @GetMapping("/api/classes/{id}/deck")
  DeckView deck(@PathVariable long id, @AuthenticationPrincipal Teacher teacher) {
    SchoolClass of = classes.find(id, teacher);
    Deck deck = decks.of(of, LocalDate.now(clock));
    Set<String> dealt =
        deck.deal(AWAKE).stream().map(s -> s.card().id()).collect(Collectors.toSet());
    return new DeckView(
        deck.standings().stream()
            .map(
                s ->
                    new CardView(
                        s.card().kind(),
                        s.card().front(),
                        s.card().back(),
                        s.state(),
                        s.days(),
                        s.last().orElse(null),
                        s.due(),
                        dealt.contains(s.card().id()),
                        s.why()))
            .toList(),
        Deck.SECURE);
  }
}

package dettato.app.deck;

import dettato.activity.cards.CardsKind;
import dettato.activity.irregular.IrregularKind;
import dettato.app.engine.Engines;
import dettato.app.outcome.ClassOutcomes;
import dettato.app.school.SchoolClass;
import dettato.deck.Asking;
import dettato.deck.Card;
import dettato.deck.Deck;
import dettato.engine.Engine;
import dettato.prompt.Prompt;
import jakarta.persistence.EntityManager;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The deck of a class as it stands on a day: cards dealt in sessions that were given, and irregular
 * words as the class wrote them.
 */
@Service
@RequiredArgsConstructor
public class Decks {
  /** A word is wrong for the class when more of the papers have it wrong than one in so many. */
  private static final int ONE_IN = 5;

  private final Engines engines;
  private final ClassOutcomes outcomes;
  private final EntityManager entities;

  private record Dealt(Prompt prompt, LocalDate on, Boolean stumbled) {}

  /** What was asked before that day counts, and what was asked on it. */
  @Transactional(readOnly = true)
  public Deck of(SchoolClass of, LocalDate today) {
    Engine engine = engines.of(of);
    Map<String, List<Asking>> history = new HashMap<>();
    entities
        .createQuery(
            "select i.prompt, s.givenOn, i.stumbled from SessionRow s"
                + " join BlockRow b on b.sessionId = s.id join ItemRow i on i.blockId = b.id"
                + " where s.classId = :of and b.kind = :kind and s.state <> PLANNED"
                + " and s.removedAt is null and s.givenOn <= :today",
            Dealt.class)
        .setParameter("of", of.id())
        .setParameter("kind", CardsKind.ID)
        .setParameter("today", today)
        .getResultList()
        .forEach(
            d ->
                Card.read(d.prompt.text())
                    .ifPresent(c -> add(history, c.id(), new Asking(d.on, !d.stumbled))));
    outcomes
        .written(of.id(), IrregularKind.ID, today)
        .forEach(
            w ->
                add(
                    history,
                    new Card(Card.Kind.IRREGULAR, w.target(), "").id(),
                    new Asking(w.on(), w.missed() * ONE_IN <= w.papers())));
    return new Deck(
        engine.cards().of(engine.sequence(), of.step(), engine.accent()), history, today);
  }

  private static void add(Map<String, List<Asking>> history, String id, Asking asking) {
    history.computeIfAbsent(id, i -> new ArrayList<>()).add(asking);
  }
}

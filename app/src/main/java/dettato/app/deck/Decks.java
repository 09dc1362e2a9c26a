package dettato.app.deck;

import dettato.activity.cards.CardsKind;
import dettato.activity.irregular.IrregularKind;
import dettato.app.engine.Engines;
import dettato.app.school.SchoolClass;
import dettato.deck.Asking;
import dettato.deck.Card;
import dettato.deck.Deck;
import dettato.engine.Engine;
import dettato.prompt.PromptCodec;
import java.sql.Date;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The deck of a class as it stands on a day: cards dealt in sessions that were given, and irregular
 * words as the class wrote them.
 */
@Service
public class Decks {
  /** A word is wrong for the class when more of the papers have it wrong than one in so many. */
  private static final int ONE_IN = 5;

  private final Engines engines;
  private final JdbcTemplate jdbc;

  Decks(Engines engines, JdbcTemplate jdbc) {
    this.engines = engines;
    this.jdbc = jdbc;
  }

  /** What was asked before that day counts, and what was asked on it. */
  @Transactional(readOnly = true)
  public Deck of(SchoolClass of, LocalDate today) {
    Engine engine = engines.of(of);
    Map<String, List<Asking>> history = new HashMap<>();
    jdbc.query(
        "select i.prompt, s.given_on, i.stumbled from session s join block b on b.session_id = s.id"
            + " join item i on i.block_id = b.id where s.class_id = ? and b.kind = ?"
            + " and s.state <> 'PLANNED' and s.removed_at is null and s.given_on <= ?",
        row -> {
          Asking asking = new Asking(row.getDate(2).toLocalDate(), !row.getBoolean(3));
          Card.read(PromptCodec.read(row.getString(1)).text())
              .ifPresent(c -> add(history, c.id(), asking));
        },
        of.id(),
        CardsKind.ID,
        Date.valueOf(today));
    jdbc.query(
        "select a.target, a.written_on, count(*) as papers,"
            + " sum(case when w.need is null then 0 else 1 end) as missed"
            + " from session s join block b on b.session_id = s.id"
            + " join item i on i.block_id = b.id join attempt a on a.item_id = i.id"
            + " join mark_word w on w.attempt_id = a.id"
            + " where s.class_id = ? and b.kind = ? and a.written_on <= ?"
            + " group by a.target, a.written_on",
        row -> {
          boolean right = row.getInt(4) * ONE_IN <= row.getInt(3);
          String id = new Card(Card.Kind.IRREGULAR, row.getString(1), "").id();
          add(history, id, new Asking(row.getDate(2).toLocalDate(), right));
        },
        of.id(),
        IrregularKind.ID,
        Date.valueOf(today));
    return new Deck(
        engine.cards().of(engine.sequence(), of.step(), engine.accent()), history, today);
  }

  private static void add(Map<String, List<Asking>> history, String id, Asking asking) {
    history.computeIfAbsent(id, i -> new ArrayList<>()).add(asking);
  }
}

package dettato.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.app.engine.Engines;
import dettato.app.engine.OwnWords;
import dettato.app.school.Classes;
import dettato.engine.Engine;
import dettato.word.Segmentation;
import dettato.word.Word;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.context.request.RequestContextHolder;

/** Which engine is worked with, when the school's own words change under it. */
class EditionTest extends ApiCase {
  private static final Word OWN =
      Word.own(Segmentation.parse("zizzet", "z:z i:'KIT zz:z - e:KIT t:t"), Word.Use.CHOOSE, "");

  @Autowired private Engines engines;
  @Autowired private OwnWords own;
  @Autowired private Classes classes;
  @Autowired private JdbcClient jdbc;
  @Autowired private TransactionTemplate transactions;

  /** A request works with one edition; here each look is one of its own. */
  @BeforeEach
  void outsideOfARequest() {
    RequestContextHolder.resetRequestAttributes();
  }

  private Engine now() {
    return engines.of("en-GB");
  }

  /** Another process on this database writes the row and the edition, and says nothing to us. */
  @Test
  void whatAnotherProcessChangedIsSeen() {
    Engine before = now();
    assertSame(before, now());
    assertTrue(before.find("zizzet").isEmpty());
    jdbc.sql(
            "insert into own_word (spelling, units, choose, clue, account_id, made_at)"
                + " select 'zizzet', ?, true, '', min(id), current_timestamp from account")
        .param(OWN.cut().format())
        .update();
    jdbc.sql("update own_word_edition set number = number + 1").update();
    assertEquals(OWN.cut(), now().find("zizzet").orElseThrow().cut());
    assertTrue(before.find("zizzet").isEmpty(), "who works with an engine keeps it as it was");
    own.remove("zizzet");
    assertTrue(now().find("zizzet").isEmpty());
  }

  @Test
  void aChangeThatIsTakenBackLeavesNoEngineOfIt() {
    Engine before = now();
    assertThrows(
        IllegalStateException.class,
        () ->
            transactions.executeWithoutResult(
                t -> {
                  own.keep(List.of(OWN), 1);
                  assertTrue(now().find("zizzet").isPresent());
                  throw new IllegalStateException("taken back");
                }));
    assertTrue(now().find("zizzet").isEmpty());
    assertEquals(before.words().size(), now().words().size());
  }

  @Test
  void anOrderAndChunksHaveAnEngineOfTheirOwnAndShareTheRest() throws Exception {
    long id = newClass("Chunks");
    assertSame(now(), engines.of(classes.any(id)));
    choose(id, "chunks", List.of("ing"));
    Engine chunked = engines.of(classes.any(id));
    assertNotEquals(now(), chunked);
    assertSame(chunked, engines.of(classes.any(id)));
    assertSame(now().index(), chunked.index());
    assertEquals(1, chunked.chunks().in(chunked.word("king")).size());
    assertEquals(0, now().chunks().in(now().word("king")).size());
  }
}

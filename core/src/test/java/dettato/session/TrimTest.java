package dettato.session;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.activity.Item;
import dettato.activity.Kinds;
import dettato.focus.Focus;
import dettato.plan.Pace;
import dettato.plan.Timing;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class TrimTest {
  private static final List<Focus> FINAL_CH = List.of(new Focus.Rule("final-ch"));
  private static final SessionClock CLOCK =
      new SessionClock(Kinds.ALL, Kinds.material(), Pace.IN_THE_ROOM, Timing.NONE);

  private static SessionClock.Block block(String kind, Item.Role role, String... texts) {
    return new SessionClock.Block(
        kind,
        Arrays.stream(texts)
            .map(t -> new Item(Kinds.typed(kind, t), role, Optional.empty(), ""))
            .toList());
  }

  private static List<String> dropped(List<SessionClock.Block> blocks, int seconds) {
    return new Trim(CLOCK, Set.of("final-ch/consonant"), FINAL_CH, Kinds.material())
        .toFit(blocks, CLOCK.seconds(blocks) - seconds).stream()
            .map(p -> blocks.get(p.block()).items().get(p.item()).text())
            .toList();
  }

  /** The contrast goes before what is broken, and two of it stay. */
  @Test
  void dropsWhatTellsLeast() {
    List<SessionClock.Block> blocks =
        List.of(
            block("words", Item.Role.FOCUS, "bench", "hatch", "lunch", "ditch", "pinch", "match"));
    assertEquals(List.of("match"), dropped(blocks, 60));
    assertEquals(List.of("match", "pinch"), dropped(blocks, 120));
  }

  @Test
  void aBlockKeepsAnItemAndHerOwnStay() {
    List<SessionClock.Block> blocks =
        List.of(
            block("words", Item.Role.OWN, "bench", "hatch"),
            block("sentence", Item.Role.FOCUS, "The gull sat on the ledge."));
    assertEquals(List.of(), dropped(blocks, 60));
    assertTrue(dropped(blocks, 0).isEmpty());
  }

  @Test
  void whatIsLeftFits() {
    List<SessionClock.Block> blocks =
        List.of(
            block("words", Item.Role.FOCUS, "bench", "hatch", "lunch", "ditch"),
            block("irregular", Item.Role.FOCUS, "said", "come", "two"));
    List<String> gone = dropped(blocks, 100);
    assertFalse(gone.isEmpty());
    List<SessionClock.Block> left =
        blocks.stream()
            .map(
                b ->
                    new SessionClock.Block(
                        b.kind(),
                        b.items().stream().filter(i -> !gone.contains(i.text())).toList()))
            .toList();
    assertTrue(CLOCK.seconds(left) <= CLOCK.seconds(blocks) - 100);
  }
}

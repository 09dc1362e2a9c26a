package dettato.block;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.exercise.Material;
import dettato.focus.Focus;
import dettato.input.Unacceptable;
import dettato.plan.Pace;
import dettato.plan.Timing;
import dettato.session.SessionClock;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** A kind that the project does not have is added without touching another. */
class OwnKindTest {
  /** Both words of a pair, written side by side. */
  private static final class Pairs implements BlockKind {
    @Override
    public String id() {
      return "test-pairs";
    }

    @Override
    public String title() {
      return "Pairs";
    }

    @Override
    public int most() {
      return 2;
    }

    @Override
    public List<Item> fill(Request request, Material material) {
      return List.of(Item.own("hop hope"), Item.own("cap cape")).subList(0, request.count());
    }

    @Override
    public String own(String text, Material material) {
      return text.toLowerCase(Locale.ROOT);
    }

    @Override
    public Call call(Item item, Material material) {
      return new Call(item.text().replace(" ", ", then "), List.of(item.text()), 20);
    }

    @Override
    public int seconds(Item item, Material material, Pace pace) {
      return 2 * pace.word(false, false);
    }

    @Override
    public List<Check> checks(List<Item> items, List<Focus> focus, Material material) {
      return List.of();
    }

    @Override
    public Judged judge(String text, String written, Markers markers) {
      return new Judged(markers.sentences().mark(text, written).words(), List.of());
    }
  }

  private final BlockBook book = new BlockBook(List.of(Blocks.WORDS, Blocks.SENTENCE, new Pairs()));

  @Test
  void plansCallsTimesAndMarks() {
    BlockKind pairs = book.of("test-pairs");
    List<Item> items = pairs.fill(new Request(List.of(), 2, Set.of(), 1), Blocks.material());
    assertEquals(List.of("hop hope", "cap cape"), items.stream().map(Item::text).toList());
    assertEquals("hop, then hope", pairs.call(items.get(0), Blocks.material()).says());
    SessionClock clock = new SessionClock(book, Blocks.material(), Pace.IN_THE_ROOM, Timing.NONE);
    int seconds = clock.seconds(List.of(new SessionClock.Block("test-pairs", items)));
    assertEquals(Pace.IN_THE_ROOM.frame() + 4 * 62, seconds);
    assertTrue(clock.check(seconds, seconds - 1).isPresent());
    assertTrue(clock.check(seconds, seconds).isEmpty());
    assertEquals(1, pairs.judge("hop hope", "hop hop", Blocks.MARKERS).right());
  }

  @Test
  void anUnknownKindIsNamedWithThoseThereAre() {
    String message =
        String.valueOf(assertThrows(Unacceptable.class, () -> book.of("songs")).getMessage());
    assertTrue(message.contains("words, sentence, test-pairs"), message);
  }
}

package dettato.activity;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.choose.Material;
import dettato.focus.Focus;
import dettato.input.Unacceptable;
import dettato.plan.Pace;
import dettato.plan.Timing;
import dettato.prompt.Prompt;
import dettato.session.SessionClock;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** A kind that the project does not have is added without touching another. */
class OwnKindTest {
  /** Both words of a pair, written side by side. */
  private static final class Pairs implements Activity {
    @Override
    public Traits traits() {
      return Traits.of("test-pairs", "Pairs", Traits.Answer.PAIR).count(2, 2);
    }

    @Override
    public List<Item> fill(Request request, Material material) {
      return List.of(Item.own(HOP), Item.own(CAP)).subList(0, request.count());
    }

    @Override
    public Prompt own(String typed, Material material) {
      return new Prompt.Sentence(typed.toLowerCase(Locale.ROOT));
    }

    @Override
    public Call call(Prompt item, Material material) {
      return new Call(item.text().replace(" ", ", then "), List.of(item.text()), 20);
    }

    @Override
    public int seconds(Prompt item, Material material, Pace pace) {
      return 2 * pace.word(false, false);
    }

    @Override
    public List<Check> checks(List<Prompt> items, List<Focus> focus, Material material) {
      return List.of();
    }

    @Override
    public Judged judge(Prompt prompt, String written, Markers markers) {
      return new Judged(markers.sentences().mark(prompt.text(), written).words(), List.of());
    }
  }

  private static final Prompt HOP = new Prompt.Pair("hop", "hope");
  private static final Prompt CAP = new Prompt.Pair("cap", "cape");

  private final Activities book = new Activities(List.of(Kinds.WORDS, Kinds.SENTENCE, new Pairs()));

  @Test
  void plansCallsTimesAndMarks() {
    Activity pairs = book.of("test-pairs");
    List<Item> items = pairs.fill(new Request(List.of(), 2, Set.of(), 1), Kinds.material());
    assertEquals(List.of("hop hope", "cap cape"), items.stream().map(Item::text).toList());
    assertEquals("hop, then hope", pairs.call(items.get(0).prompt(), Kinds.material()).says());
    SessionClock clock = new SessionClock(book, Kinds.material(), Pace.IN_THE_ROOM, Timing.NONE);
    int seconds = clock.seconds(List.of(new SessionClock.Block("test-pairs", items)));
    assertEquals(Pace.IN_THE_ROOM.frame() + 4 * 62, seconds);
    assertTrue(clock.check(seconds, seconds - 1).isPresent());
    assertTrue(clock.check(seconds, seconds).isEmpty());
    assertEquals(1, pairs.judge(HOP, "hop hop", Kinds.MARKERS).right());
  }

  @Test
  void anUnknownKindIsNamedWithThoseThereAre() {
    String message =
        String.valueOf(assertThrows(Unacceptable.class, () -> book.of("songs")).getMessage());
    assertTrue(message.contains("words, sentence, test-pairs"), message);
  }
}

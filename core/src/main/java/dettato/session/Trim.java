package dettato.session;

import dettato.activity.Item;
import dettato.choose.Material;
import dettato.focus.Focus;
import dettato.focus.FocusAt;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What to leave out of a session that is too long: the items that tell least about what the class
 * breaks. A block keeps one item at least, a rule two words of each side.
 */
public final class Trim {
  private static final int OF_EACH_SIDE = 2;

  private final SessionClock clock;
  private final Set<String> broken;
  private final List<Focus> focus;
  private final Material material;

  /**
   * @param broken ids of conditions that children break
   */
  public Trim(SessionClock clock, Set<String> broken, List<Focus> focus, Material material) {
    this.clock = clock;
    this.broken = Set.copyOf(broken);
    this.focus = List.copyOf(focus);
    this.material = material;
  }

  /** An item's place: which block, which item in it. */
  public record Place(int block, int item) {}

  /** How much an item tells, from what goes first. */
  private enum Worth {
    CONTRAST,
    PRACTICE,
    BROKEN,
    LAST_OF_ITS_SIDE,
    OWN
  }

  private record Candidate(Place place, Worth worth, String side, int seconds) {}

  /**
   * The items to leave out so that it fits, what goes first first; fewer when that is not enough.
   */
  public List<Place> toFit(List<SessionClock.Block> blocks, int limit) {
    List<Place> gone = new ArrayList<>();
    List<SessionClock.Block> left = new ArrayList<>(blocks);
    List<Candidate> all = new ArrayList<>(candidates(blocks));
    while (clock.seconds(left) > limit) {
      Optional<Candidate> next =
          all.stream()
              .filter(c -> left.get(c.place.block).items().size() > 1)
              .min(
                  Comparator.<Candidate, Worth>comparing(c -> worth(c, all))
                      .thenComparing(Comparator.comparingInt(Candidate::seconds).reversed())
                      .thenComparing(c -> -c.place.item));
      if (next.isEmpty() || worth(next.get(), all) == Worth.OWN) {
        return gone;
      }
      all.remove(next.get());
      gone.add(next.get().place);
      left.set(next.get().place.block, without(blocks, next.get().place.block, gone));
    }
    return gone;
  }

  private static SessionClock.Block without(
      List<SessionClock.Block> blocks, int block, List<Place> gone) {
    Set<Integer> out =
        gone.stream().filter(p -> p.block == block).map(Place::item).collect(Collectors.toSet());
    List<Item> items = new ArrayList<>();
    for (int i = 0; i < blocks.get(block).items().size(); i++) {
      if (!out.contains(i)) {
        items.add(blocks.get(block).items().get(i));
      }
    }
    return new SessionClock.Block(blocks.get(block).kind(), items);
  }

  private static Worth worth(Candidate one, List<Candidate> left) {
    long alike = left.stream().filter(c -> c.side.equals(one.side)).count();
    boolean last = !one.side.isEmpty() && alike <= OF_EACH_SIDE;
    return last && one.worth.compareTo(Worth.LAST_OF_ITS_SIDE) < 0
        ? Worth.LAST_OF_ITS_SIDE
        : one.worth;
  }

  private List<Candidate> candidates(List<SessionClock.Block> blocks) {
    List<Candidate> all = new ArrayList<>();
    for (int b = 0; b < blocks.size(); b++) {
      String kind = blocks.get(b).kind();
      for (int i = 0; i < blocks.get(b).items().size(); i++) {
        Item item = blocks.get(b).items().get(i);
        Optional<FocusAt> at =
            item.prompt()
                .oneWord()
                .flatMap(w -> FocusAt.first(focus, material.word().apply(w), material.accent()));
        boolean isBroken =
            at.flatMap(FocusAt::decided)
                .filter(o -> broken.contains(o.condition().id()))
                .isPresent();
        Worth worth =
            item.role() == Item.Role.OWN
                ? Worth.OWN
                : isBroken ? Worth.BROKEN : at.isPresent() ? Worth.CONTRAST : Worth.PRACTICE;
        String side = at.map(a -> kind + " " + a.asks()).orElse("");
        all.add(new Candidate(new Place(b, i), worth, side, clock.seconds(kind, item)));
      }
    }
    return all;
  }
}

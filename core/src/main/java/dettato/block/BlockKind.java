package dettato.block;

import dettato.exercise.Material;
import dettato.focus.Focus;
import dettato.plan.Pace;
import java.util.List;

/**
 * A kind of block: how its items are chosen, what is said, what counts as an answer, how long it
 * takes. One class each, listed in {@link BlockBook}.
 */
public interface BlockKind {
  /** Stable: records and exports use it. */
  String id();

  /** As a heading on the sheet. */
  String title();

  /** How many items a block of this kind has at most. */
  int most();

  /** Whether its items may hold words that other blocks of the session ask, as sentences should. */
  default boolean mayRepeat() {
    return false;
  }

  /** Whether it is answered aloud, so that nothing of it stands on a paper. */
  default boolean isSpoken() {
    return false;
  }

  /** Whether its words are to be known by heart, and so are taught in a way of their own. */
  default boolean isByHeart() {
    return false;
  }

  /** Whether what is said for an item is a question in our words, and no text to be written. */
  default boolean isQuestion() {
    return false;
  }

  /** Whether its words are read back at the end of a session. */
  default boolean isReadBack() {
    return false;
  }

  /** The words an item asks, so that no other block and no session soon after asks them again. */
  default List<String> words(String text) {
    return List.of(text);
  }

  /** Items on the focus, seeded; fewer than asked when there are not enough. */
  List<Item> fill(Request request, Material material);

  /**
   * The teacher's own item as it is kept.
   *
   * @throws dettato.input.Unacceptable saying what is wrong with it and what to do
   */
  String own(String text, Material material);

  /** How an item is given. */
  Call call(Item item, Material material);

  /** Seconds one item takes. */
  int seconds(Item item, Material material, Pace pace);

  /** What should be known of these items, in this order. */
  List<Check> checks(List<Item> items, List<Focus> focus, Material material);

  /** What stands on the pupil's sheet, in order; nothing of a block that is answered aloud. */
  default List<Form> forms(List<Item> items, Material material) {
    return isSpoken() ? List.of() : items.stream().map(i -> Form.word(0)).toList();
  }

  /**
   * What a device shows a child for each item, in their order; of a block answered aloud nothing.
   */
  default List<Alone> alone(List<Item> items, Material material) {
    List<Form> forms = forms(items, material);
    return isSpoken() || forms.size() != items.size()
        ? List.of()
        : forms.stream().map(Alone::of).toList();
  }

  /** Judges an answer; anything a child can write is judged. */
  Judged judge(String text, String written, Markers markers);
}

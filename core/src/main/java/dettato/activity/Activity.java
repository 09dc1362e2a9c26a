package dettato.activity;

import dettato.choose.Material;
import dettato.choose.Sources;
import dettato.choose.Tasks;
import dettato.focus.Focus;
import dettato.plan.Pace;
import dettato.prompt.Prompt;
import java.util.List;
import java.util.Optional;

/**
 * A kind of activity: how its items are chosen, what is said, what counts as an answer, how long it
 * takes. One folder each, listed in {@link Activities}.
 */
public interface Activity {
  Traits traits();

  default String id() {
    return traits().id();
  }

  default String title() {
    return traits().title();
  }

  /** What makes its tasks in a language; empty where it makes its items otherwise. */
  default Optional<Tasks> tasks(Sources sources) {
    return Optional.empty();
  }

  /** The words an item asks, so that no other block and no session soon after asks them again. */
  default List<String> words(Prompt prompt) {
    return List.of(prompt.text());
  }

  /** Items on the focus, seeded; fewer than asked when there are not enough. */
  List<Item> fill(Request request, Material material);

  /**
   * The teacher's own item.
   *
   * @throws dettato.input.Unacceptable saying what is wrong with it and what to do
   */
  Prompt own(String typed, Material material);

  /** How an item is given. */
  Call call(Prompt prompt, Material material);

  /** Seconds one item takes. */
  int seconds(Prompt prompt, Material material, Pace pace);

  /** What should be known of these items, in this order. */
  default List<Check> checks(List<Prompt> items, List<Focus> focus, Material material) {
    return items.isEmpty()
        ? List.of(Check.of(Check.Kind.EMPTY, title() + ": nothing yet. Fill the sheet."))
        : List.of();
  }

  /** What its items ask of the focus, one after the other, where their order could be guessed. */
  default List<String> asked(List<Prompt> items, List<Focus> focus, Material material) {
    return List.of();
  }

  /** What stands on the pupil's sheet, in order; nothing of a block that is answered aloud. */
  default List<Form> forms(List<Prompt> items, Material material) {
    return traits().isSpoken() ? List.of() : items.stream().map(i -> Form.word(0)).toList();
  }

  /**
   * What a device shows a child for each item, in their order; of a block answered aloud nothing.
   */
  default List<Alone> alone(List<Prompt> items, Material material) {
    List<Form> forms = forms(items, material);
    return traits().isSpoken() || forms.size() != items.size()
        ? List.of()
        : forms.stream().map(Alone::of).toList();
  }

  /** Judges an answer; anything a child can write is judged. */
  Judged judge(Prompt prompt, String written, Markers markers);
}

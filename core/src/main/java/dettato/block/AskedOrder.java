package dettato.block;

import dettato.exercise.Material;
import dettato.focus.Focus;
import dettato.focus.FocusAt;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.List;

/** What the words of a block ask, one after the other: the side of a rule, or a grapheme. */
public final class AskedOrder {
  private AskedOrder() {}

  /** One answer for each word that asks something of the focus. */
  public static List<String> of(List<Item> items, List<Focus> focus, Material material) {
    List<String> asked = new ArrayList<>();
    for (Item item : items) {
      Word word = material.word().apply(item.text());
      focus.stream()
          .flatMap(f -> FocusAt.of(f, word, material.accent()).stream())
          .findFirst()
          .ifPresent(at -> asked.add(at.asks()));
    }
    return asked;
  }
}

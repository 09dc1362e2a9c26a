package dettato.block;

import dettato.deck.Card;
import dettato.exercise.Material;
import dettato.focus.Focus;
import dettato.input.Unacceptable;
import dettato.plan.Pace;
import java.util.List;
import java.util.Optional;

/** Cards that are due today, answered aloud. */
final class CardsBlock implements BlockKind {
  private static final int MOST = 60;
  private static final double SECONDS = 1.5;

  @Override
  public String id() {
    return "cards";
  }

  @Override
  public String title() {
    return "Cards";
  }

  @Override
  public int most() {
    return MOST;
  }

  @Override
  public boolean isSpoken() {
    return true;
  }

  @Override
  public boolean mayRepeat() {
    return true;
  }

  /**
   * Those that are due, as they are dealt: more than the count when the sleeping have their turn.
   */
  @Override
  public List<Item> fill(Request request, Material material) {
    return request.needs().cards().stream()
        .filter(d -> !request.without().contains(d.text()))
        .limit(MOST)
        .map(d -> new Item(d.text(), Item.Role.REVIEW, Optional.empty(), d.why()))
        .toList();
  }

  @Override
  public String own(String text, Material material) {
    return Card.read(text.strip())
        .orElseThrow(
            () ->
                new Unacceptable(
                    "A card is its front and its back: ai [/eɪ/], /eɪ/ [ai; ay], said [by heart]."))
        .text();
  }

  @Override
  public Call call(Item item, Material material) {
    Card card = card(item);
    return new Call(card.front(), List.of(card.back()), 0);
  }

  private static Card card(Item item) {
    return Card.read(item.text())
        .orElseGet(() -> new Card(Card.Kind.GRAPHEME, item.text(), item.text()));
  }

  @Override
  public int seconds(Item item, Material material, Pace pace) {
    return pace.of(SECONDS);
  }

  @Override
  public List<Check> checks(List<Item> items, List<Focus> focus, Material material) {
    return items.isEmpty()
        ? List.of(Check.of(Check.Kind.EMPTY, "Cards: none is due on this day."))
        : List.of();
  }

  @Override
  public Judged judge(String text, String written, Markers markers) {
    return Judged.ofParts(List.of());
  }
}

package dettato.activity.cards;

import dettato.activity.Activity;
import dettato.activity.Call;
import dettato.activity.Check;
import dettato.activity.Item;
import dettato.activity.Judged;
import dettato.activity.Markers;
import dettato.activity.Request;
import dettato.activity.Traits;
import dettato.activity.Traits.Answer;
import dettato.activity.Traits.Trait;
import dettato.choose.Material;
import dettato.deck.Card;
import dettato.focus.Focus;
import dettato.input.Unacceptable;
import dettato.plan.Pace;
import dettato.prompt.Prompt;
import java.util.List;
import java.util.Optional;

/** Cards that are due today, answered aloud. */
public final class CardsKind implements Activity {
  public static final String ID = "cards";
  private static final double SECONDS = 1.5;
  private static final Traits TRAITS =
      Traits.of(ID, "Cards", Answer.ALOUD)
          .asks("Ask each card that is due.")
          .steps("ask", "answer")
          .line("ai [/eɪ/]")
          .count(8, 60)
          .with(Trait.MAY_REPEAT, Trait.DEALS_CARDS, Trait.WITHOUT_FOCUS);

  @Override
  public Traits traits() {
    return TRAITS;
  }

  /**
   * Those that are due, as they are dealt: more than the count when the sleeping have their turn.
   */
  @Override
  public List<Item> fill(Request request, Material material) {
    return request.needs().cards().stream()
        .filter(d -> !request.without().contains(d.prompt().text()))
        .limit(TRAITS.most())
        .map(d -> new Item(d.prompt(), Item.Role.REVIEW, Optional.empty(), d.why()))
        .toList();
  }

  @Override
  public Prompt own(String typed, Material material) {
    return Card.read(typed.strip())
        .map(c -> new Prompt.Card(c.front(), c.back()))
        .orElseThrow(
            () ->
                new Unacceptable(
                    "A card is its front and its back: ai [/eɪ/], /eɪ/ [ai; ay], said [by heart]."));
  }

  @Override
  public Call call(Prompt prompt, Material material) {
    return new Call(prompt.asks(), List.of(prompt.right()), 0);
  }

  @Override
  public int seconds(Prompt prompt, Material material, Pace pace) {
    return pace.of(SECONDS);
  }

  @Override
  public List<Check> checks(List<Prompt> items, List<Focus> focus, Material material) {
    return items.isEmpty()
        ? List.of(Check.of(Check.Kind.EMPTY, "Cards: none is due on this day."))
        : List.of();
  }

  @Override
  public Judged judge(Prompt prompt, String written, Markers markers) {
    return Judged.ofParts(List.of());
  }
}

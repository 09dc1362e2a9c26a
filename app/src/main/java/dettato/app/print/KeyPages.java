package dettato.app.print;

import dettato.activity.Traits.Trait;
import dettato.app.session.SheetView.BlockView;
import dettato.app.session.SheetView.ItemView;
import java.util.List;

/** The answers: each word with its marks, every spelling that is right, and why. */
final class KeyPages {
  private KeyPages() {}

  static Html of(Printed printed) {
    Html html = new Html(printed.wording());
    html.line("h1", "", printed.session().title());
    html.tell("p", "day", "Answers, " + printed.day());
    int number = 1;
    for (BlockView block : printed.session().blocks()) {
      int first = number;
      html.in(
          "div",
          "block",
          () -> {
            html.tell("h2", "", block.title());
            html.in("table", "key", () -> rows(html, printed, block, first));
          });
      number += Printed.numbered(printed.forms(block));
    }
    printed.legend(html);
    return html;
  }

  private static void rows(Html html, Printed printed, BlockView block, int first) {
    boolean numbered = Printed.numbered(printed.forms(block)) == block.items().size();
    for (int i = 0; i < block.items().size(); i++) {
      ItemView item = block.items().get(i);
      String number = numbered ? String.valueOf(first + i) : "";
      html.in(
          "tr",
          "",
          () -> {
            html.line("td", "number", number);
            html.in("td", "model", () -> answer(html, printed, block, item));
            html.tell("td", "why", item.why());
          });
    }
  }

  private static void answer(Html html, Printed printed, BlockView block, ItemView item) {
    boolean invented = printed.has(block, Trait.INVENTED);
    String model = item.answer().isEmpty() ? item.text() : item.answer().get(0);
    if (item.drawing() != null || item.text().equals(model)) {
      printed.model(html, item);
    } else {
      html.line("span", "asked", item.says()).say(" → ").line("span", "word", model);
    }
    if (invented) {
      html.tell("span", "note", " no real word");
    }
    List<String> others =
        item.answer().stream().filter(a -> !a.equals(item.text()) && !a.equals(model)).toList();
    if (!others.isEmpty()) {
      html.tell("div", "note", "right too: " + String.join(", ", others));
    }
  }
}

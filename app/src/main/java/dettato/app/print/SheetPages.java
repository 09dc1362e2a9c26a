package dettato.app.print;

import dettato.activity.Form;
import dettato.activity.Traits.Answer;
import dettato.app.session.SheetView.BlockView;
import dettato.profile.Correcting;
import java.util.List;

/** What the children write on: each block in the form it needs. */
final class SheetPages {
  private static final int KEPT_TOGETHER = 12;

  private final Printed printed;
  private final Look look;
  private final Html html;
  private final boolean framed;
  private final boolean corrected;

  private SheetPages(Printed printed, Look look) {
    this.printed = printed;
    this.look = look;
    this.html = new Html(printed.wording());
    this.framed = printed.hand().notation().inFrames();
    this.corrected = printed.of().choices().correcting() == Correcting.LINE;
  }

  static Html of(Printed printed, Look look) {
    SheetPages pages = new SheetPages(printed, look);
    List<String> names =
        look.names() ? printed.children() : look.two() ? List.of("", "") : List.of("");
    for (int i = 0; i < names.size(); i++) {
      String name = names.get(i);
      String place = !look.two() ? "sheet" : i % 2 == 0 ? "upper" : "sheet lower";
      pages.html.in("div", place, () -> pages.sheet(name));
    }
    return pages.html;
  }

  private void sheet(String name) {
    html.in(
        "div",
        "head",
        () -> {
          html.line("span", "name", name.isEmpty() ? "Name" : name);
          if (name.isEmpty()) {
            html.empty("span", "nameline");
          }
          html.line("span", "day", printed.day());
        });
    int number = 1;
    for (BlockView block : printed.session().blocks()) {
      List<Form> forms = printed.forms(block);
      if (!forms.isEmpty()) {
        int first = number;
        html.in("div", keeps(forms) ? "block keep" : "block", () -> block(block, forms, first));
        number += Printed.numbered(forms);
      }
    }
    if (framed
        || printed.session().blocks().stream()
            .anyMatch(b -> printed.answer(b) == Answer.MARKED_WORD)) {
      printed.legend(html);
    }
  }

  /** A short block is not parted by the end of a page. */
  private static boolean keeps(List<Form> forms) {
    return forms.size() <= KEPT_TOGETHER && forms.stream().noneMatch(f -> f instanceof Form.Text);
  }

  private void block(BlockView block, List<Form> forms, int first) {
    html.tell("h2", "", block.title());
    int number = first;
    for (Form form : forms) {
      if (form instanceof Form.Room room) {
        room(room, number++);
      } else if (form instanceof Form.Columns columns) {
        columns(columns.heads(), rows(columns.words().size(), columns.heads().size()));
      } else if (form instanceof Form.Match match) {
        match(match);
      } else if (form instanceof Form.Text text) {
        html.line("h3", "", text.title()).line("p", "passage", text.text());
      } else if (form instanceof Form.Lists lists) {
        html.tell("p", "asks", lists.asks());
        columns(lists.heads(), rows(lists.words(), 1));
      } else if (form instanceof Form.Choice choice) {
        int here = number++;
        html.in("div", "choice", () -> choice(choice, here));
      }
    }
  }

  /** Room for as many in each column as may be right there, and one more. */
  private static int rows(int words, int columns) {
    return Math.max(2, words / Math.max(1, columns) + 1);
  }

  private void room(Form.Room room, int number) {
    String width =
        switch (room.room()) {
          case SOUND -> "third";
          case WORD -> room.before().isEmpty() && !framed && !corrected ? "third" : "half";
          case PAIR, SENTENCE -> "whole";
        };
    boolean gap = !room.before().isEmpty() && room.room() == Form.Size.WORD;
    html.in(
        "div",
        "room " + (gap ? "whole gap" : width),
        () -> {
          html.line("span", "number", String.valueOf(number));
          if (!room.before().isEmpty()) {
            html.line("span", "given", room.before() + " ");
          }
          if (framed && room.sounds() > 0 && !gap) {
            html.in(
                "span",
                "frames",
                () -> {
                  for (int i = 0; i < room.sounds(); i++) {
                    html.empty("span", "frame");
                  }
                });
          } else if (room.room() == Form.Size.SENTENCE) {
            html.empty("div", "ruled").empty("div", "ruled");
          } else {
            html.empty("span", "rule");
            if (room.room() == Form.Size.PAIR) {
              html.empty("span", "rule");
            }
            if (corrected && room.room() == Form.Size.WORD && !gap) {
              html.empty("span", "rule light");
            }
          }
          if (!room.after().isEmpty()) {
            html.line("span", "given", room.after());
          }
        });
  }

  private void columns(List<String> heads, int rows) {
    html.in(
        "table",
        "columns",
        () -> {
          html.in("tr", "", () -> heads.forEach(h -> html.line("th", "", h.replace('_', '-'))));
          for (int r = 0; r < rows; r++) {
            html.in("tr", "", () -> heads.forEach(h -> html.empty("td", "")));
          }
        });
  }

  private void match(Form.Match match) {
    html.in(
        "table",
        "match",
        () -> {
          for (int i = 0; i < match.left().size(); i++) {
            String left = match.left().get(i);
            String right = i < match.right().size() ? match.right().get(i) : "";
            html.in(
                "tr",
                "",
                () ->
                    html.line("td", "left", left + "  •")
                        .empty("td", "between")
                        .line("td", "right", "•  " + right));
          }
        });
  }

  private void choice(Form.Choice choice, int number) {
    html.line("span", "number", String.valueOf(number)).line("span", "given", choice.asks());
    html.in(
        "div",
        "options",
        () ->
            choice
                .options()
                .forEach(
                    o -> html.in("span", "option", () -> html.empty("span", "tick").say(" " + o))));
  }
}

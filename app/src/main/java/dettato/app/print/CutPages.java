package dettato.app.print;

import dettato.activity.Traits.Trait;
import dettato.app.session.SheetView.BlockView;
import dettato.app.session.SheetView.ItemView;
import dettato.notation.Drawing;
import dettato.prompt.Prompt;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Cards to cut: every word once with its marks, pairs side by side, cards front and back. */
final class CutPages {
  private static final int COLUMNS = 3;

  private CutPages() {}

  /** A card: its text, drawn where it is a word, and what it is. */
  private record CardFace(String text, @Nullable Drawing drawing, String note, boolean plain) {}

  static Html of(Printed printed) {
    Html html = new Html(printed.wording());
    List<CardFace> faces = new ArrayList<>();
    Set<String> seen = new LinkedHashSet<>();
    for (BlockView block : printed.session().blocks()) {
      String note = printed.has(block, Trait.INVENTED) ? "no real word" : "";
      for (ItemView item : block.items()) {
        add(faces, seen, item, note);
      }
    }
    html.in(
        "table",
        "cut",
        () -> {
          for (int from = 0; from < faces.size(); from += COLUMNS) {
            List<CardFace> row = faces.subList(from, Math.min(faces.size(), from + COLUMNS));
            html.in("tr", "", () -> row(html, printed, row));
          }
        });
    printed.legend(html);
    return html;
  }

  private static void add(List<CardFace> faces, Set<String> seen, ItemView item, String note) {
    if (item.prompt() instanceof Prompt.Card) {
      if (seen.add(item.text())) {
        faces.add(new CardFace(item.says(), null, "", true));
        faces.add(
            new CardFace(String.join(", ", item.answer()), null, "back of " + item.says(), true));
      }
    } else if (Printed.isOneWord(item)) {
      if (seen.add(item.text())) {
        faces.add(new CardFace(item.text(), item.drawing(), note, false));
      }
    } else if (item.prompt() instanceof Prompt.Pair pair) {
      for (String one : List.of(pair.first(), pair.second())) {
        if (seen.add(one)) {
          String both = "pair: " + pair.first() + ", " + pair.second();
          faces.add(new CardFace(one, null, both, false));
        }
      }
    }
  }

  private static void row(Html html, Printed printed, List<CardFace> row) {
    for (CardFace face : row) {
      html.in(
          "td",
          "",
          () -> {
            html.in(
                "div",
                "face",
                () -> {
                  if (face.plain) {
                    html.line("span", "word", face.text);
                  } else if (face.drawing != null) {
                    html.drawn(face.drawing);
                  } else {
                    printed.model(html, face.text, -1);
                  }
                });
            if (!face.note.isEmpty()) {
              html.tell("div", "note", face.note);
            }
          });
    }
    for (int i = row.size(); i < COLUMNS; i++) {
      html.empty("td", "none");
    }
  }
}

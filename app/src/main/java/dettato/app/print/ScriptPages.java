package dettato.app.print;

import dettato.app.session.SheetView.BlockView;
import dettato.app.session.SheetView.ItemView;
import dettato.profile.Checking;
import dettato.profile.Choices;
import dettato.profile.Counting;

/** What the teacher says, in order: the clue, the word, how many sounds, the pause, the reason. */
final class ScriptPages {
  private ScriptPages() {}

  static Html of(Printed printed) {
    Html html = new Html(printed.wording());
    html.line("h1", "", printed.session().title());
    html.tell(
        "p",
        "day",
        "What you say, %s. About %d minutes."
            .formatted(printed.day(), Math.max(1, Math.round(printed.session().seconds() / 60f))));
    html.tell("p", "how", how(printed.of().choices()));
    for (BlockView block : printed.session().blocks()) {
      html.in(
          "div",
          "block",
          () -> {
            html.tell("h2", "", block.title());
            html.in(
                "table", "script", () -> block.items().forEach(i -> row(html, printed, block, i)));
          });
    }
    printed.legend(html);
    return html;
  }

  /** The class's way in a line, so that whoever stands in gives it alike. */
  private static String how(Choices choices) {
    return "Each word: its meaning, the word, the class says it, "
        + (choices.counting() == Counting.FOUND
            ? "the class finds how many sounds it has, "
            : "you say how many sounds it has, ")
        + (choices.checking() == Checking.END
            ? "they write. At the end of the block show the words one by one; "
            : "they write, you show it; ")
        + switch (choices.correcting()) {
          case LINE -> "a line through what is wrong, the right word beside it.";
          case FIX -> "what is wrong is put right.";
          case TICK -> "what is right is ticked.";
        };
  }

  private static void row(Html html, Printed printed, BlockView block, ItemView item) {
    html.in(
        "tr",
        "",
        () -> {
          html.in(
              "td",
              "says",
              () -> {
                if (item.clue().isEmpty()) {
                  html.say(item.says());
                } else {
                  html.say(capital(item.clue()) + ". ").line("b", "", capital(item.text()) + ".");
                }
              });
          html.in(
              "td",
              "model",
              () -> {
                if (Printed.isOneWord(item)) {
                  printed.model(html, item);
                } else if (!item.answer().isEmpty() && !item.answer().get(0).equals(item.says())) {
                  html.line("span", "word", String.join(", ", item.answer()));
                }
              });
          html.line("td", "count", count(item, block));
          html.tell("td", "why", item.why());
        });
  }

  private static String count(ItemView item, BlockView block) {
    String sounds =
        item.units().isEmpty()
            ? ""
            : item.units().size() + (item.units().size() == 1 ? "\u00a0sound" : "\u00a0sounds");
    String pause =
        block.spoken() || item.pause() == 0 ? "" : item.pause() + "\u00a0s to\u00a0write";
    return sounds.isEmpty() || pause.isEmpty() ? sounds + pause : sounds + ", " + pause;
  }

  private static String capital(String text) {
    return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
  }
}

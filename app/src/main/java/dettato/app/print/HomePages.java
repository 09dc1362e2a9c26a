package dettato.app.print;

import dettato.activity.Traits.Trait;
import dettato.app.session.SheetView.BlockView;
import dettato.app.session.SheetView.ItemView;
import dettato.focus.Focus;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** A page for home: the words with a short way to practise them, a hunt, the sentence. */
final class HomePages {
  private static final int MOST = 10;

  private HomePages() {}

  static Html of(Printed printed, List<Focus> focus) {
    Html html = new Html(printed.wording());
    List<BlockView> blocks = printed.session().blocks();
    Set<String> seen = new HashSet<>();
    List<ItemView> words =
        blocks.stream()
            .filter(b -> !b.spoken() && !printed.has(b, Trait.INVENTED))
            .flatMap(b -> b.items().stream())
            .filter(Printed::isOneWord)
            .filter(i -> seen.add(i.text()))
            .limit(MOST)
            .toList();
    List<ItemView> invented =
        blocks.stream()
            .filter(b -> printed.has(b, Trait.INVENTED))
            .flatMap(b -> b.items().stream())
            .limit(MOST / 2)
            .toList();
    html.tell("h1", "", "Words to practise at home");
    html.tell(
        "p", "day", printed.of().name() + ", " + printed.day() + ": " + printed.session().title());
    html.tell(
        "p",
        "how",
        "A few minutes are enough. Look at a word and say it. Say its sounds one by one and point to"
            + " the letters of each. Cover it and write it. Look again: what is different? Put that"
            + " right and go on to the next.");
    printed.practise(html, words);
    if (!invented.isEmpty()) {
      html.tell("h2", "", "Made up, no real words: spell them as they sound");
      printed.practise(html, invented);
    }
    focus.stream()
        .findFirst()
        .ifPresent(
            f ->
                html.tell("h2", "", "A hunt")
                    .tell(
                        "p",
                        "",
                        "Look in a book, on a packet, on a sign for words with "
                            + f.title()
                            + ". Write down three. Which letters spell the sound?")
                    .empty("div", "ruled")
                    .empty("div", "ruled"));
    blocks.stream()
        .filter(b -> printed.has(b, Trait.BY_WORD))
        .flatMap(b -> b.items().stream())
        .findFirst()
        .ifPresent(s -> html.in("div", "keep", () -> sentence(html, printed, s)));
    printed.legend(html);
    return html;
  }

  private static void sentence(Html html, Printed printed, ItemView sentence) {
    html.tell("h2", "", "A sentence to say to your child");
    html.in("p", "", () -> printed.model(html, sentence.text(), -1));
    html.tell(
        "p",
        "how",
        "Say it twice. Your child says it back and counts the words, then writes it from memory."
            + " Read it together: does it begin with a capital, is there a space between the words,"
            + " does it end with its mark? Praise what is right before you put anything right.");
    html.empty("div", "ruled").empty("div", "ruled");
  }
}

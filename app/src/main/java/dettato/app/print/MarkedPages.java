package dettato.app.print;

import dettato.app.marking.Cell;
import dettato.app.marking.MarkView;
import dettato.app.marking.SentenceView;
import dettato.app.session.SessionReader.WrittenPaper;
import dettato.app.session.SheetView.ItemView;
import dettato.mark.Result;
import dettato.rule.Condition;
import dettato.rule.Outcome;
import dettato.rule.RuleBook;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Papers that are marked: for each child what it wrote beside the model, one thing to work on, the
 * words to write again; then a list of the class with counts, for the teacher.
 */
final class MarkedPages {
  private static final int AGAIN = 6;

  private final Printed printed;
  private final Html html;
  private final List<ItemView> items;

  private MarkedPages(Printed printed) {
    this.printed = printed;
    this.html = new Html(printed.wording());
    this.items =
        printed.session().blocks().stream()
            .filter(b -> !b.spoken())
            .flatMap(b -> b.items().stream())
            .toList();
  }

  static Html of(Printed printed, List<WrittenPaper> papers) {
    MarkedPages pages = new MarkedPages(printed);
    if (papers.isEmpty()) {
      pages.html.line("h1", "", printed.session().title()).tell("p", "", "Nothing is entered yet.");
    } else {
      papers.forEach(p -> pages.html.in("div", "sheet", () -> pages.paper(p)));
      pages.html.in("div", "sheet", () -> pages.list(papers));
    }
    return pages.html;
  }

  private void paper(WrittenPaper paper) {
    Map<Long, Cell> cells = paper.cells().stream().collect(Collectors.toMap(Cell::itemId, c -> c));
    html.in(
        "div",
        "head",
        () -> html.line("span", "name", paper.pupil().name()).line("span", "day", printed.day()));
    html.line("h2", "", printed.session().title());
    html.in(
        "table",
        "key",
        () -> {
          for (int i = 0; i < items.size(); i++) {
            ItemView item = items.get(i);
            String number = String.valueOf(i + 1);
            Optional.ofNullable(cells.get(item.id()))
                .ifPresent(c -> html.in("tr", "", () -> row(number, item, c)));
          }
        });
    worst(paper.cells())
        .ifPresent(
            c ->
                html.in(
                    "div",
                    "keep",
                    () -> html.line("h2", "", "One thing to work on").tell("p", "", c.forChild())));
    List<ItemView> again =
        items.stream()
            .filter(i -> cells.containsKey(i.id()) && isWrong(cells.get(i.id())))
            .filter(Printed::isOneWord)
            .limit(AGAIN)
            .toList();
    if (!again.isEmpty()) {
      html.line("h2", "", "Words to write again");
      printed.practise(html, again);
    }
    printed.legend(html);
  }

  private void row(String number, ItemView item, Cell cell) {
    html.line("td", "number", number);
    html.in("td", "model", () -> printed.model(html, item));
    html.in(
        "td",
        "",
        () -> {
          if (cell.result() == Result.RIGHT) {
            html.say("✓");
          } else if (cell.written().isEmpty()) {
            html.say("–");
          } else {
            html.line("span", "word", cell.written());
          }
          if (cell.corrected() != null) {
            html.line("span", "note", " → " + cell.corrected());
          }
        });
    html.tell("td", "why", broken(cell).findFirst().map(Condition::forChild).orElse(""));
  }

  private void list(List<WrittenPaper> papers) {
    html.line("h1", "", printed.session().title());
    html.line("p", "day", "The class, " + printed.day());
    html.in(
        "table",
        "list",
        () ->
            papers.forEach(
                p -> {
                  long right = p.cells().stream().filter(c -> c.result() == Result.RIGHT).count();
                  html.in(
                      "tr",
                      "",
                      () ->
                          html.line("td", "who", p.pupil().name())
                              .line("td", "count", right + " of " + p.cells().size() + " right")
                              .tell("td", "why", worst(p.cells()).map(Condition::says).orElse("")));
                }));
  }

  private static boolean isWrong(@Nullable Cell cell) {
    return cell != null && cell.result() != Result.RIGHT && cell.result() != Result.ABSENT;
  }

  /** The ground on which most is broken; of several the first. */
  private static Optional<Condition> worst(List<Cell> cells) {
    Map<Condition, Long> counts =
        cells.stream()
            .flatMap(MarkedPages::broken)
            .collect(Collectors.groupingBy(c -> c, LinkedHashMap::new, Collectors.counting()));
    return counts.entrySet().stream()
        .max(Comparator.comparingLong(Map.Entry::getValue))
        .map(Map.Entry::getKey);
  }

  /** Grounds that are broken in a word, or in the words of a sentence; none where she counts it. */
  private static Stream<Condition> broken(Cell cell) {
    if (cell.override() != null) {
      return Stream.empty();
    }
    Stream<MarkView> words =
        cell.sentence() == null
            ? Stream.empty()
            : cell.sentence().words().stream().flatMap(MarkedPages::marks);
    return Stream.concat(Stream.ofNullable(cell.mark()), words)
        .flatMap(m -> m.rules().stream())
        .filter(r -> r.outcome() == Outcome.UNDER || r.outcome() == Outcome.OVER)
        .map(r -> RuleBook.condition(r.condition()));
  }

  private static Stream<MarkView> marks(SentenceView.WordMark word) {
    return Stream.concat(Stream.ofNullable(word.mark()), word.parts().stream());
  }
}

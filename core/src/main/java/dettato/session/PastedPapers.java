package dettato.session;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Reads papers out of a block of a spreadsheet: names down and words across, or words down and
 * names across, each in any order; or lines of a child, a word and what was written. Every cell
 * that cannot be taken is told with its place and the reason, and the others are taken.
 */
public final class PastedPapers {
  private static final int LONGEST = 400;
  private static final List<String> LINE = List.of("pupil", "target", "attempt");
  private static final Set<String> RIGHT = Set.of("=", "✓", "✔");
  private static final Set<String> BLANK = Set.of("-", "–", "—");

  private final Map<String, List<Long>> children;
  private final Map<String, List<Long>> items;
  private final Map<Long, String> right;
  private final List<Answer> good = new ArrayList<>();
  private final List<Bad> bad = new ArrayList<>();
  private final Map<String, Answer> taken = new HashMap<>();

  /** A child of the class. */
  public record Child(long id, String name) {}

  /**
   * An item of the session.
   *
   * @param heads that a column of it may have; the number on the sheet is one
   * @param right what is written where it is as it should be
   */
  public record Asked(long id, List<String> heads, String right) {
    public Asked {
      heads = List.copyOf(heads);
    }
  }

  /**
   * An answer that can be taken.
   *
   * @param written "" for one left blank
   */
  public record Answer(long child, long item, String written) {
    public boolean isBlank() {
      return written.isEmpty();
    }
  }

  /**
   * A cell that cannot be taken.
   *
   * @param row of the block, from 1
   * @param column of the block, from 1; 0 for the whole row
   */
  public record Bad(int row, int column, String text, String reason) {}

  public record Read(List<Answer> good, List<Bad> bad) {
    public Read {
      good = List.copyOf(good);
      bad = List.copyOf(bad);
    }
  }

  private PastedPapers(List<Child> children, List<Asked> items) {
    this.children =
        children.stream()
            .collect(
                Collectors.groupingBy(
                    c -> plain(c.name()), Collectors.mapping(Child::id, Collectors.toList())));
    this.items = new HashMap<>();
    for (Asked item : items) {
      item.heads().stream()
          .map(PastedPapers::plain)
          .distinct()
          .forEach(h -> this.items.computeIfAbsent(h, k -> new ArrayList<>()).add(item.id()));
    }
    this.right = items.stream().collect(Collectors.toMap(Asked::id, Asked::right));
  }

  /**
   * @param block rows of cells, as they stand in the spreadsheet
   */
  public static Read read(List<List<String>> block, List<Child> children, List<Asked> items) {
    PastedPapers papers = new PastedPapers(children, items);
    papers.read(block);
    return new Read(papers.good, papers.bad);
  }

  private void read(List<List<String>> block) {
    if (block.isEmpty() || block.stream().allMatch(r -> r.stream().allMatch(String::isBlank))) {
      bad.add(new Bad(1, 0, "", "nothing is there: copy names and words with the answers"));
      return;
    }
    List<String> first = block.get(0).stream().map(PastedPapers::plain).toList();
    if (first.containsAll(LINE)) {
      lines(block, first);
      return;
    }
    if (block.size() < 2 || block.get(0).size() < 2) {
      bad.add(
          new Bad(
              1,
              0,
              String.join(" ", block.get(0)),
              "it is one row or column: names and words must stand with the answers"));
      return;
    }
    long across = first.stream().skip(1).filter(children::containsKey).count();
    long words = first.stream().skip(1).filter(items::containsKey).count();
    if (across > words) {
      table(block, children, items, "child", "item", false);
    } else {
      table(block, items, children, "item", "child", true);
    }
  }

  /**
   * @param heads what the first row names
   * @param sides what the first column names
   * @param namesDown whether the first column names children
   */
  private void table(
      List<List<String>> block,
      Map<String, List<Long>> heads,
      Map<String, List<Long>> sides,
      String head,
      String side,
      boolean namesDown) {
    Map<Integer, Long> columns = new LinkedHashMap<>();
    Set<Long> seen = new HashSet<>();
    List<String> top = block.get(0);
    for (int c = 1; c < top.size(); c++) {
      int at = c;
      find(top.get(c), heads, head, 1, c + 1, seen).ifPresent(id -> columns.put(at, id));
    }
    Set<Long> rows = new HashSet<>();
    for (int r = 1; r < block.size(); r++) {
      List<String> row = block.get(r);
      if (row.stream().allMatch(String::isBlank)) {
        continue;
      }
      int number = r + 1;
      find(row.get(0), sides, side, number, 1, rows)
          .ifPresent(
              id -> {
                for (int c = 1; c < row.size(); c++) {
                  Long other = columns.get(c);
                  if (other != null) {
                    answer(
                        namesDown ? id : other, namesDown ? other : id, row.get(c), number, c + 1);
                  } else if (c >= top.size() && !row.get(c).isBlank()) {
                    bad.add(new Bad(number, c + 1, row.get(c), "no heading stands over it"));
                  }
                }
              });
    }
  }

  private void lines(List<List<String>> block, List<String> heads) {
    Function<List<String>, Function<String, String>> cell =
        row ->
            name -> {
              int at = heads.indexOf(name);
              return at < row.size() ? row.get(at) : "";
            };
    for (int r = 1; r < block.size(); r++) {
      List<String> row = block.get(r);
      int number = r + 1;
      if (row.stream().allMatch(String::isBlank)) {
        continue;
      }
      Function<String, String> of = cell.apply(row);
      find(
              of.apply("pupil"),
              children,
              "child",
              number,
              heads.indexOf("pupil") + 1,
              new HashSet<>())
          .ifPresent(
              child ->
                  find(
                          of.apply("target"),
                          items,
                          "item",
                          number,
                          heads.indexOf("target") + 1,
                          new HashSet<>())
                      .ifPresent(
                          item ->
                              answer(
                                  child,
                                  item,
                                  of.apply("attempt"),
                                  number,
                                  heads.indexOf("attempt") + 1)));
    }
  }

  /** The child or the item that a heading names; told as bad where it names none, or several. */
  private Optional<Long> find(
      String text,
      Map<String, List<Long>> known,
      String what,
      int row,
      int column,
      Set<Long> seen) {
    List<Long> ids = known.getOrDefault(plain(text), List.of());
    String reason =
        text.isBlank()
            ? "the name of the " + what + " is missing"
            : ids.isEmpty()
                ? what.equals("child")
                    ? "nobody in the class is called so"
                    : "the session does not ask it"
                : ids.size() > 1 ? "more than one " + what + " may be meant" : "";
    if (reason.isEmpty() && !seen.add(ids.get(0))) {
      reason = "it stands here twice; the first one counts";
    }
    if (!reason.isEmpty()) {
      bad.add(new Bad(row, column, shortened(text), reason));
      return Optional.empty();
    }
    return Optional.of(ids.get(0));
  }

  private void answer(long child, long item, String text, int row, int column) {
    String written = text.strip();
    if (written.isEmpty()) {
      return;
    }
    String reason =
        written.length() > LONGEST
            ? "it is longer than " + LONGEST + " characters"
            : written.chars().anyMatch(Character::isISOControl)
                ? "it holds a line break or another sign that is no letter"
                : written.matches("#(?:REF|N/A|VALUE|NAME\\?|DIV/0)!?")
                    ? "the spreadsheet could not work it out"
                    : "";
    if (!reason.isEmpty()) {
      bad.add(new Bad(row, column, shortened(text), reason));
      return;
    }
    Answer answer =
        new Answer(
            child,
            item,
            RIGHT.contains(written)
                ? right.getOrDefault(item, written)
                : BLANK.contains(written) ? "" : written);
    Answer before = taken.putIfAbsent(child + "." + item, answer);
    if (before == null) {
      good.add(answer);
    } else if (!before.equals(answer)) {
      bad.add(
          new Bad(row, column, written, "this child has '" + before.written() + "' there already"));
    }
  }

  private static String shortened(String text) {
    String one = text.strip().replaceAll("\\s+", " ");
    return one.length() > 40 ? one.substring(0, 40) + "…" : one;
  }

  /** What names are compared by. */
  private static String plain(String text) {
    return text.strip().replaceAll("\\s+", " ").toLowerCase(Locale.ROOT);
  }
}

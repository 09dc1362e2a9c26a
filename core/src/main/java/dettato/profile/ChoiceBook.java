package dettato.profile;

import dettato.table.Table;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Every choice a school has, with what each option changes, in the order they are shown; from
 * {@code choices.tsv}.
 */
public final class ChoiceBook {
  /** The choices, in order; the ids are the names of {@link Choices}. */
  public static final List<Choice> ALL = load();

  private ChoiceBook() {}

  /** Something schools do differently. */
  public record Choice(String id, String title, List<Shown> options) {
    public Choice {
      options = List.copyOf(options);
    }
  }

  /**
   * An option as it is shown.
   *
   * @param id the name of its constant
   * @param changes what it changes, in one line
   * @param example the same on an example
   */
  public record Shown(String id, String title, String changes, String example) {}

  private record Row(String choice, String asks, Shown option) {}

  private static List<Choice> load() {
    List<Row> rows =
        Table.load(
            ChoiceBook.class,
            "choices.tsv",
            row ->
                new Row(
                    row.get("choice"),
                    row.get("asks"),
                    new Shown(
                        row.get("option"),
                        row.get("title"),
                        row.get("changes"),
                        row.get("example"))));
    Map<String, String> titles = new LinkedHashMap<>();
    Map<String, List<Shown>> options = new LinkedHashMap<>();
    for (Row row : rows) {
      titles.put(row.choice, row.asks);
      options.computeIfAbsent(row.choice, c -> new ArrayList<>()).add(row.option);
    }
    return titles.entrySet().stream()
        .map(e -> new Choice(e.getKey(), e.getValue(), options.getOrDefault(e.getKey(), List.of())))
        .toList();
  }
}

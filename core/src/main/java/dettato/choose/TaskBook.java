package dettato.choose;

import dettato.input.Unacceptable;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What makes tasks of every kind that has them, in one language. */
public final class TaskBook {
  private final Irregulars irregulars;
  private final Map<String, Tasks> byKind;

  /**
   * @param byKind what makes the tasks of a kind, by its id
   */
  public TaskBook(Sources sources, Map<String, Tasks> byKind) {
    this.irregulars = new Irregulars(sources.proposed());
    this.byKind = Map.copyOf(byKind);
  }

  /** Words to know by heart. */
  public Irregulars irregulars() {
    return irregulars;
  }

  /** Ids of the kinds that have tasks. */
  public Set<String> kinds() {
    return byKind.keySet();
  }

  /**
   * What makes the tasks of a kind.
   *
   * @throws Unacceptable naming the kinds that have tasks
   */
  public Tasks of(String kind) {
    return Optional.ofNullable(byKind.get(kind))
        .orElseThrow(
            () ->
                new Unacceptable(
                    "There are no tasks of '%s'. Choose one of %s."
                        .formatted(
                            kind, String.join(", ", byKind.keySet().stream().sorted().toList()))));
  }
}

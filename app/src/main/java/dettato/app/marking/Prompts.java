package dettato.app.marking;

import dettato.activity.Activities;
import dettato.prompt.Prompt;
import jakarta.persistence.EntityManager;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;

/**
 * What attempts answer: their item says it, which never changes while an answer stands; an attempt
 * from elsewhere answers the word or sentence it names.
 */
@Component
@RequiredArgsConstructor
class Prompts {
  private final EntityManager entities;
  private final Activities kinds;

  private record Asked(Long item, Prompt prompt) {}

  Prompt of(AttemptRow row) {
    return Objects.requireNonNull(of(List.of(row)).get(row.id()));
  }

  /** By the ids of the attempts. */
  Map<Long, Prompt> of(Collection<AttemptRow> rows) {
    Map<Long, Prompt> ofItems = read(rows);
    Map<Long, Prompt> all = new HashMap<>();
    for (AttemptRow row : rows) {
      Prompt known = row.prompt() == null ? ofItems.get(item(row)) : row.prompt();
      all.put(row.id(), known == null ? kinds.plain(row.kind(), row.target()) : known);
    }
    return all;
  }

  private static long item(AttemptRow row) {
    return row.itemId() == null ? 0 : row.itemId();
  }

  private Map<Long, Prompt> read(Collection<AttemptRow> rows) {
    List<Long> items =
        rows.stream()
            .filter(r -> r.prompt() == null && r.itemId() != null)
            .map(Prompts::item)
            .distinct()
            .toList();
    return items.isEmpty()
        ? Map.of()
        : entities
            .createQuery("select i.id, i.prompt from ItemRow i where i.id in :items", Asked.class)
            .setParameter("items", items)
            .getResultStream()
            .collect(Collectors.toMap(Asked::item, Asked::prompt));
  }
}

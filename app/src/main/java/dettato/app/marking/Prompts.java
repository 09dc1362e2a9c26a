package dettato.app.marking;

import dettato.activity.Activities;
import dettato.prompt.Prompt;
import dettato.prompt.PromptCodec;
import jakarta.persistence.EntityManager;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.stereotype.Component;

/**
 * What attempts answer: their item says it, which never changes while an answer stands; an attempt
 * from elsewhere answers the word or sentence it names.
 */
@Component
class Prompts {
  private final EntityManager entities;
  private final Activities kinds;

  Prompts(EntityManager entities, Activities kinds) {
    this.entities = entities;
    this.kinds = kinds;
  }

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
    Map<Long, Prompt> read = new HashMap<>();
    if (!items.isEmpty()) {
      for (Object row :
          entities
              .createNativeQuery("select id, prompt from item where id in (:items)")
              .setParameter("items", items)
              .getResultList()) {
        Object[] columns = (Object[]) row;
        read.put(((Number) columns[0]).longValue(), PromptCodec.read((String) columns[1]));
      }
    }
    return read;
  }
}

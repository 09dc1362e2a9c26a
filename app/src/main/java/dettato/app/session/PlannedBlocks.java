package dettato.app.session;

import dettato.activity.Item;
import dettato.prompt.Prompt;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;

/** Reads blocks with their items, in order. */
@Component
@RequiredArgsConstructor
class PlannedBlocks {
  private final BlockRows blocks;
  private final ItemRows items;

  /** A block with its items. */
  record Planned(BlockRow block, List<ItemRow> items) {
    List<Prompt> prompts() {
      return items.stream().map(ItemRow::prompt).toList();
    }

    List<Item> asItems() {
      return items.stream()
          .map(i -> new Item(i.prompt(), i.role(), Optional.empty(), i.why()))
          .toList();
    }
  }

  List<Planned> of(long sessionId) {
    return of(List.of(sessionId)).getOrDefault(sessionId, List.of());
  }

  Map<Long, List<Planned>> of(Collection<Long> sessionIds) {
    if (sessionIds.isEmpty()) {
      return Map.of();
    }
    List<BlockRow> rows = blocks.findBySessionIdInOrderByPlace(sessionIds);
    Map<Long, List<ItemRow>> byBlock =
        rows.isEmpty()
            ? Map.of()
            : items.findByBlockIdInOrderByPlace(rows.stream().map(BlockRow::id).toList()).stream()
                .collect(Collectors.groupingBy(ItemRow::blockId));
    return rows.stream()
        .collect(
            Collectors.groupingBy(
                BlockRow::sessionId,
                Collectors.mapping(
                    b -> new Planned(b, byBlock.getOrDefault(b.id(), List.of())),
                    Collectors.toList())));
  }
}

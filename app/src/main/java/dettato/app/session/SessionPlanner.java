package dettato.app.session;

import dettato.activity.Activities;
import dettato.activity.Activity;
import dettato.activity.Item;
import dettato.activity.Traits.Answer;
import dettato.app.account.Teacher;
import dettato.app.engine.Engines;
import dettato.app.marking.AttemptWriter;
import dettato.app.problem.Problem;
import dettato.app.school.SchoolClass;
import dettato.app.text.Materials;
import dettato.choose.Material;
import dettato.engine.Engine;
import dettato.focus.Focus;
import dettato.input.Unacceptable;
import dettato.prompt.Prompt;
import dettato.rule.Opportunity;
import dettato.rule.RuleBook;
import dettato.rule.SpellingRule;
import dettato.text.Sentence;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Changes sessions to what a teacher wants, keeping their items. */
@Service
@RequiredArgsConstructor
public class SessionPlanner {
  private static final int SHOWN = 40;

  private final SessionRows sessions;
  private final BlockRows blocks;
  private final ItemRows items;
  private final PlannedBlocks planned;
  private final SessionAccess access;
  private final SheetView sheet;
  private final FocusText focuses;
  private final AttemptWriter attempts;
  private final Engines engines;
  private final Materials materials;
  private final Activities book;

  /**
   * Adds words, or other items, to the session planned on a day, or makes one for them: it is about
   * the rule that most of their words test.
   *
   * @return its id
   */
  @Transactional
  long send(SchoolClass of, LocalDate date, @Nullable String ofKind, List<String> words) {
    Engine engine = engines.of(of);
    Activity kind = ofKind == null ? book.answeredBy(Answer.WORD) : book.of(ofKind);
    Material material = materials.of(of);
    List<Prompt> clean = words.stream().map(w -> own(kind, w, material)).distinct().toList();
    SessionRow row =
        sessions.between(of.id(), date, date, Limit.of(20)).stream()
            .filter(s -> s.state() == SessionState.PLANNED)
            .findFirst()
            .orElseGet(
                () ->
                    sessions.save(
                        new SessionRow(
                            of.id(),
                            date,
                            "",
                            focuses.write(List.of(tested(clean, engine))),
                            Set.of())));
    access.hold(row);
    BlockRow block =
        blocks.findBySessionIdOrderByPlace(row.id()).stream()
            .filter(b -> b.kind().equals(kind.id()))
            .findFirst()
            .orElseGet(() -> blocks.save(new BlockRow(row.id(), kind.id(), 0, Item.Role.FOCUS, 0)));
    List<ItemRow> there = items.findByBlockIdInOrderByPlace(List.of(block.id()));
    Set<Prompt> known = there.stream().map(ItemRow::prompt).collect(Collectors.toSet());
    List<Prompt> fresh = clean.stream().filter(w -> !known.contains(w)).toList();
    mustFit(kind, there.size() + fresh.size());
    for (int i = 0; i < fresh.size(); i++) {
      items.save(new ItemRow(block.id(), there.size() + i, fresh.get(i), Item.Role.OWN, null, ""));
    }
    return row.id();
  }

  private static Focus tested(List<Prompt> items, Engine engine) {
    Map<String, Long> counts =
        items.stream()
            .flatMap(i -> Sentence.wordsOf(i.text()).stream())
            .flatMap(
                w ->
                    RuleBook.opportunities(engine.word(w)).stream()
                        .map(Opportunity::rule)
                        .distinct())
            .collect(Collectors.groupingBy(r -> r, Collectors.counting()));
    return new Focus.Rule(
        RuleBook.RULES.stream()
            .map(SpellingRule::id)
            .max(Comparator.comparingLong(r -> counts.getOrDefault(r, 0L)))
            .orElseThrow());
  }

  /**
   * Makes a session what it should be. Items that stay keep their ids, and with them their answers.
   *
   * @param version that was seen
   * @throws Problem 409 when it was changed since, or an item with answers would go
   */
  @Transactional
  SheetView.SessionView rewrite(long id, long version, Plan plan, Teacher teacher) {
    SessionAccess.Open open = access.change(id, version, teacher);
    SessionRow row = open.row();
    Material material = materials.of(open.of());
    List<Focus> about = plan.focus().stream().map(FocusView::focus).toList();
    boolean moved = !row.givenOn().equals(plan.date());
    Titles titles = Titles.of(open.of());
    row.plan(plan.date(), titles.kept(plan.title(), about), focuses.write(about));
    List<PlannedBlocks.Planned> before = planned.of(id);
    drop(before, plan);
    Map<Long, ItemRow> known =
        before.stream()
            .flatMap(p -> p.items().stream())
            .collect(Collectors.toMap(ItemRow::id, Function.identity()));
    List<BlockRow> standing = before.stream().map(PlannedBlocks.Planned::block).toList();
    Rewriting rewriting = new Rewriting(row, standing, known, material, titles);
    for (int b = 0; b < plan.blocks().size(); b++) {
      rewriting.write(plan.blocks().get(b), b);
    }
    access.write();
    if (moved) {
      attempts.writtenOn(known.keySet(), plan.date());
    }
    return sheet.of(row, planned.of(id), open.of());
  }

  /** Items and blocks that are not wanted any more go first, if nothing is written for them. */
  private void drop(List<PlannedBlocks.Planned> before, Plan plan) {
    Set<Long> stays = new HashSet<>();
    Set<Long> staying = new HashSet<>();
    for (Plan.PlannedBlock block : plan.blocks()) {
      staying.add(block.id() == null ? 0 : block.id());
      block.items().forEach(i -> stays.add(i.id() == null ? 0 : i.id()));
    }
    List<ItemRow> gone =
        before.stream()
            .flatMap(p -> p.items().stream())
            .filter(i -> !stays.contains(i.id()))
            .toList();
    attempts.letGo(gone.stream().map(ItemRow::id).toList());
    items.deleteAllInBatch(gone);
    blocks.deleteAllInBatch(
        before.stream()
            .filter(p -> !staying.contains(p.block().id()))
            .filter(p -> p.items().stream().noneMatch(i -> stays.contains(i.id())))
            .map(PlannedBlocks.Planned::block)
            .toList());
  }

  /** One rewriting of a plan, block by block. */
  @RequiredArgsConstructor
  private final class Rewriting {
    private final SessionRow row;
    private final List<BlockRow> standing;
    private final Map<Long, ItemRow> known;
    private final Material material;
    private final Titles titles;

    void write(Plan.PlannedBlock wanted, int place) {
      Activity kind = book.of(wanted.kind());
      mustFit(kind, wanted.items().size());
      BlockRow block = block(wanted, kind, place);
      Item.Role role = wanted.role() == null ? block.role() : wanted.role();
      block.move(place);
      block.become(
          role,
          wanted.title() == null ? block.title() : titles.kept(wanted.title(), kind, role),
          hasSameItems(wanted, block) ? block.wanted() : 0);
      Set<Prompt> seen = new HashSet<>();
      for (int i = 0; i < wanted.items().size(); i++) {
        ItemRow item = item(wanted.items().get(i), block, kind, i);
        if (!seen.add(item.prompt())) {
          throw Problem.badRequest(
              "'" + item.prompt().text() + "' is on the sheet twice. Take one away.");
        }
      }
    }

    private BlockRow block(Plan.PlannedBlock wanted, Activity kind, int place) {
      return wanted.id() == null
          ? blocks.save(new BlockRow(row.id(), kind.id(), place, Item.Role.FOCUS, 0))
          : standing.stream()
              .filter(b -> b.id().equals(wanted.id()) && b.kind().equals(kind.id()))
              .findFirst()
              .orElseThrow(
                  () -> Problem.badRequest("This session has no block " + wanted.id() + "."));
    }

    private boolean hasSameItems(Plan.PlannedBlock wanted, BlockRow block) {
      Set<Long> ids =
          wanted.items().stream().map(i -> i.id() == null ? 0 : i.id()).collect(Collectors.toSet());
      return known.keySet().containsAll(ids)
          && known.values().stream().filter(i -> i.blockId().equals(block.id())).count()
              == ids.size();
    }

    private ItemRow item(Plan.PlannedItem wanted, BlockRow block, Activity kind, int place) {
      if (wanted.id() == null) {
        return items.save(
            new ItemRow(
                block.id(),
                place,
                own(kind, wanted.text(), material),
                wanted.role() == null ? Item.Role.OWN : wanted.role(),
                null,
                wanted.why() == null ? "" : wanted.why()));
      }
      ItemRow there = known.get(wanted.id());
      if (there == null || !there.blockId().equals(block.id())) {
        throw Problem.badRequest("This block has no item " + wanted.id() + ".");
      }
      there.move(place);
      if (wanted.role() != null) {
        there.become(wanted.role());
      }
      return there;
    }
  }

  /**
   * What a teacher typed, as it is kept.
   *
   * @throws dettato.input.Unacceptable when it is nothing of this kind, or too long to be kept
   */
  static Prompt own(Activity kind, String typed, Material material) {
    Prompt prompt = kind.own(typed, material);
    String text = prompt.text();
    if (text.length() > ItemRow.LONGEST) {
      throw new Unacceptable(
          "'%s…' is %d letters long; an item has at most %d. Shorten it."
              .formatted(text.substring(0, SHOWN), text.length(), ItemRow.LONGEST));
    }
    return prompt;
  }

  static void mustFit(Activity kind, int count) {
    if (count > kind.traits().most()) {
      throw Problem.badRequest(
          "%s: at most %d in one block, not %d."
              .formatted(kind.title(), kind.traits().most(), count));
    }
  }
}

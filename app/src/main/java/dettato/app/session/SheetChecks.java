package dettato.app.session;

import dettato.activity.Activities;
import dettato.activity.Check;
import dettato.activity.Item;
import dettato.app.need.ClassNeeds;
import dettato.app.school.SchoolClass;
import dettato.choose.Material;
import dettato.focus.Focus;
import dettato.plan.Guessers;
import dettato.plan.Unpredictable;
import dettato.session.SessionClock;
import dettato.session.Shortage;
import dettato.session.Trim;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What a teacher should know of a session before she gives it. */
@Component
@RequiredArgsConstructor
class SheetChecks {
  private final Activities book;
  private final ClassNeeds needs;

  /** What is to be said of its blocks, then of its time. */
  List<SheetView.CheckView> of(
      List<PlannedBlocks.Planned> planned,
      List<Focus> focus,
      Material material,
      SchoolClass of,
      Optional<Check> time) {
    return Stream.concat(
            planned.stream().flatMap(p -> of(p, focus, material, of)),
            time.stream().map(c -> new SheetView.CheckView(c.kind(), c.says(), null)))
        .toList();
  }

  private Stream<SheetView.CheckView> of(
      PlannedBlocks.Planned planned, List<Focus> focus, Material material, SchoolClass of) {
    BlockRow block = planned.block();
    Optional<Check> shortage =
        Shortage.of(
            Titles.of(of).of(planned, book),
            block.role(),
            block.wanted(),
            planned.items().size(),
            focus);
    boolean others = block.role() == Item.Role.REVIEW;
    List<Check> found =
        book.of(block.kind()).checks(planned.prompts(), others ? List.of() : focus, material);
    return Stream.concat(
            shortage.stream(),
            found.stream().filter(c -> shortage.isEmpty() || c.kind() != Check.Kind.EMPTY))
        .map(c -> new SheetView.CheckView(c.kind(), c.says(), item(c, planned)));
  }

  private static @Nullable Long item(Check check, PlannedBlocks.Planned planned) {
    return check
        .item()
        .flatMap(
            asked -> planned.items().stream().filter(i -> i.prompt().equals(asked)).findFirst())
        .map(ItemRow::id)
        .orElse(null);
  }

  /** Ids of the items to leave out first so that it fits. */
  List<Long> drops(
      SessionRow row,
      List<PlannedBlocks.Planned> planned,
      List<Focus> focus,
      SchoolClass of,
      Material material,
      SessionClock clock) {
    return new Trim(clock, needs.broken(of, row.pupils()), focus, material)
        .toFit(SheetClocks.blocks(planned), of.minutes() * 60).stream()
            .map(p -> planned.get(p.block()).items().get(p.item()).id())
            .toList();
  }

  /** Of all blocks whose order could be guessed the one that is guessed best. */
  SheetView.@Nullable Guess guess(
      List<PlannedBlocks.Planned> planned, List<Focus> focus, Material material) {
    return planned.stream()
        .filter(p -> p.block().role() == Item.Role.FOCUS)
        .map(p -> book.of(p.block().kind()).asked(p.prompts(), focus, material))
        .filter(asked -> asked.size() >= Unpredictable.FEWEST)
        .map(Guessers::best)
        .max(Comparator.comparingDouble(Guessers.Score::share))
        .map(s -> new SheetView.Guess(s.way().says(), s.right(), s.places()))
        .orElse(null);
  }
}

package dettato.app.session;

import com.fasterxml.jackson.annotation.JsonInclude;
import dettato.app.language.Language;
import dettato.app.language.Languages;
import dettato.app.language.UnitView;
import dettato.app.school.SchoolClass;
import dettato.exercise.Material;
import dettato.focus.Focus;
import dettato.focus.FocusAt;
import dettato.plan.Pace;
import dettato.rule.Opportunity;
import dettato.rule.Side;
import dettato.session.BlockBook;
import dettato.session.BlockKind;
import dettato.session.Call;
import dettato.session.Check;
import dettato.session.Item;
import dettato.session.SessionClock;
import dettato.word.Word;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Draws a session as it will be given: what each item asks, how it is called, how long it takes.
 */
@Component
class SheetView {
  private final BlockBook book;
  private final Languages languages;
  private final FocusText focuses;

  SheetView(BlockBook book, Languages languages, FocusText focuses) {
    this.book = book;
    this.languages = languages;
    this.focuses = focuses;
  }

  /**
   * One thing asked.
   *
   * @param says what the teacher says
   * @param answer every spelling that is right
   * @param rule which of the session's rules it tests; null when none
   * @param side which side of that rule it is on
   * @param units of a word; empty for more than one
   * @param due what is due where the rule decides, "" when none does
   * @param focus index of the unit it decides, -1 when none does
   * @param pause seconds of quiet to write it
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  record ItemView(
      long id,
      String text,
      String says,
      List<String> answer,
      Item.Role role,
      @Nullable String rule,
      @Nullable Side side,
      List<UnitView> units,
      String clue,
      String due,
      int focus,
      String why,
      int pause) {}

  record BlockView(long id, String kind, String title, List<ItemView> items) {}

  /**
   * Something to know before it is given.
   *
   * @param item which one it is about; null when it is about the whole
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  record CheckView(Check.Kind kind, String says, @Nullable Long item) {}

  /**
   * A session.
   *
   * @param seconds it takes about, and
   * @param limit how many it may take
   */
  record SessionView(
      long id,
      long version,
      long classId,
      LocalDate date,
      String title,
      SessionState state,
      int seconds,
      int limit,
      List<FocusView> focus,
      List<BlockView> blocks,
      List<CheckView> checks) {}

  SessionView of(SessionRow row, List<PlannedBlocks.Planned> planned, SchoolClass of) {
    Language language = languages.of(of.accent());
    Material material = language.material(of.step());
    List<Focus> focus = focuses.read(row.focus());
    SessionClock clock = new SessionClock(book, material, Pace.IN_THE_ROOM);
    int seconds =
        clock.seconds(
            planned.stream()
                .map(p -> new SessionClock.Block(p.block().kind(), p.asItems()))
                .toList());
    int limit = of.minutes() * 60;
    List<CheckView> checks = new ArrayList<>();
    planned.forEach(p -> checks.addAll(checks(p, focus, material)));
    clock.check(seconds, limit).ifPresent(c -> checks.add(new CheckView(c.kind(), c.says(), null)));
    return new SessionView(
        row.id(),
        row.version(),
        of.id(),
        row.givenOn(),
        title(row, focus),
        row.state(),
        seconds,
        limit,
        focus.stream().map(FocusView::of).toList(),
        planned.stream().map(p -> block(p, focus, material, language)).toList(),
        checks);
  }

  /** Its own title, or what it is about. */
  static String title(SessionRow row, List<Focus> focus) {
    return row.title().isEmpty()
        ? focus.stream().map(Focus::title).collect(Collectors.joining(" · "))
        : row.title();
  }

  private List<CheckView> checks(
      PlannedBlocks.Planned planned, List<Focus> focus, Material material) {
    return book.of(planned.block().kind()).checks(planned.asItems(), focus, material).stream()
        .map(
            c ->
                new CheckView(
                    c.kind(),
                    c.says(),
                    c.text()
                        .flatMap(
                            t ->
                                planned.items().stream()
                                    .filter(i -> i.text().equals(t))
                                    .findFirst())
                        .map(ItemRow::id)
                        .orElse(null)))
        .toList();
  }

  private BlockView block(
      PlannedBlocks.Planned planned, List<Focus> focus, Material material, Language language) {
    BlockKind kind = book.of(planned.block().kind());
    return new BlockView(
        planned.block().id(),
        kind.id(),
        kind.title(),
        planned.items().stream().map(i -> item(i, kind, focus, material, language)).toList());
  }

  private static ItemView item(
      ItemRow row, BlockKind kind, List<Focus> focus, Material material, Language language) {
    Call call = kind.call(new Item(row.text(), row.role(), Optional.empty()), material);
    boolean oneWord = !row.text().contains(" ");
    Optional<Word> word = oneWord ? Optional.of(language.word(row.text())) : Optional.empty();
    Optional<FocusAt> at = word.flatMap(w -> FocusAt.first(focus, w, material.accent()));
    Optional<Opportunity> decided = at.flatMap(FocusAt::decided);
    int unit = at.map(FocusAt::unit).orElse(-1);
    return new ItemView(
        row.id(),
        row.text(),
        call.says(),
        call.answer(),
        row.role(),
        decided.map(Opportunity::rule).orElse(null),
        decided.map(Opportunity::side).orElse(null),
        word.map(w -> UnitView.of(w.cut(), language.accent())).orElse(List.of()),
        word.map(Word::clue).orElse(""),
        unit < 0 ? "" : word.map(w -> w.cut().unit(unit).grapheme().text()).orElse(""),
        unit,
        decided.map(Opportunity::why).orElse(""),
        call.pause());
  }
}

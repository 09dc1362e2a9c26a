package dettato.app.session;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonInclude;
import dettato.activity.Activities;
import dettato.activity.Activity;
import dettato.activity.Check;
import dettato.activity.Item;
import dettato.app.language.UnitView;
import dettato.app.school.SchoolClass;
import dettato.app.terms.Prose;
import dettato.app.text.Materials;
import dettato.choose.Material;
import dettato.focus.Focus;
import dettato.notation.Drawing;
import dettato.notation.Legend;
import dettato.plan.Timing;
import dettato.prompt.Prompt;
import dettato.rule.Side;
import dettato.session.SessionClock;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Draws a session as it will be given. */
@Component
@RequiredArgsConstructor
public class SheetView {
  private final Activities book;
  private final Materials materials;
  private final FocusText focuses;
  private final SheetClocks clocks;
  private final SheetChecks checks;
  private final ItemViews items;

  /**
   * One thing asked.
   *
   * @param text as a teacher may type it
   * @param head what heads its column on the papers
   * @param asks what is asked, where its answer stands beside it
   * @param right that answer, "" where what is asked is the answer
   * @param prompt the same as data
   * @param says what the teacher says
   * @param answer every spelling that is right
   * @param rule which of the session's rules it tests; null when none
   * @param side which side of that rule it is on
   * @param units of a word; empty for more than one
   * @param due what is due where the rule decides, "" when none does
   * @param focus index of the unit it decides, -1 when none does
   * @param condition of that rule that decides in it
   * @param why it was chosen, or what decides
   * @param pause seconds of quiet to write it
   * @param stumbled whether the class stumbled on it
   * @param stumblers ids of the children who did, where they are noted
   * @param ours points that it brought the class
   * @param theirs points that it brought the teacher
   * @param pieces the first unit of each piece that the class builds the word in; empty for no word
   * @param drawing the word with the class's marks; null for no word
   * @param letters the names of its letters, where the class learns it by them; null where not
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record ItemView(
      long id,
      String text,
      String head,
      String asks,
      String right,
      @JsonIgnore Prompt prompt,
      String says,
      List<String> answer,
      Item.Role role,
      @Nullable String rule,
      @Nullable String condition,
      @Nullable Side side,
      List<UnitView> units,
      String clue,
      String due,
      int focus,
      @Prose String why,
      int pause,
      boolean stumbled,
      Set<Long> stumblers,
      double ours,
      double theirs,
      List<Integer> pieces,
      @Nullable Drawing drawing,
      @Nullable String letters) {}

  /**
   * A block.
   *
   * @param spoken whether it is answered aloud, so that nothing of it stands on a paper
   * @param seconds it takes about
   */
  public record BlockView(
      long id,
      String kind,
      String title,
      Item.Role role,
      boolean spoken,
      int seconds,
      List<ItemView> items) {}

  /**
   * How the child fares that guesses best.
   *
   * @param says how it guesses
   * @param right at how many places
   * @param of so many that could be guessed
   */
  public record Guess(@Prose String says, int right, int of) {}

  /**
   * Something to know before it is given.
   *
   * @param item which one it is about; null when it is about the whole
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record CheckView(Check.Kind kind, @Prose String says, @Nullable Long item) {}

  /**
   * A session.
   *
   * @param seconds it takes about, and
   * @param limit how many it may take
   * @param legend what the marks on its words mean
   * @param drops items to leave out first so that it fits; empty when it does
   * @param guess null where too few words ask something of the focus
   * @param learnt how far plans were off before and after learning; null while nothing is logged
   * @param pupils of a group; empty for the whole class
   * @param points of the class and of the teacher; null while nobody has any
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record SessionView(
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
      List<Legend.Entry> legend,
      List<CheckView> checks,
      List<Long> drops,
      @Nullable Guess guess,
      Timing.@Nullable Error learnt,
      Set<Long> pupils,
      @Nullable TotalPoints points) {}

  SessionView of(SessionRow row, List<PlannedBlocks.Planned> planned, SchoolClass of) {
    Material material = materials.of(of);
    List<Focus> focus = focuses.read(row.focus());
    Timing timing = clocks.timing(of);
    SessionClock clock = clocks.of(material, timing);
    int seconds = clock.seconds(SheetClocks.blocks(planned));
    int limit = of.minutes() * 60;
    return new SessionView(
        row.id(),
        row.version(),
        of.id(),
        row.givenOn(),
        Titles.of(of).of(row, focus),
        row.state(),
        seconds,
        limit,
        focus.stream().map(FocusView::of).toList(),
        planned.stream().map(p -> block(p, focus, material, of, clock)).toList(),
        items.legend(planned, of),
        checks.of(planned, focus, material, of, clock.check(seconds, limit)),
        seconds <= limit ? List.of() : checks.drops(row, planned, focus, of, material, clock),
        checks.guess(planned, focus, material),
        timing.runs() == 0 ? null : timing.error(),
        row.pupils(),
        TotalPoints.given(planned));
  }

  private BlockView block(
      PlannedBlocks.Planned planned,
      List<Focus> focus,
      Material material,
      SchoolClass of,
      SessionClock clock) {
    Activity kind = book.of(planned.block().kind());
    return new BlockView(
        planned.block().id(),
        kind.id(),
        Titles.of(of).of(planned, book),
        planned.block().role(),
        kind.traits().isSpoken(),
        clock.seconds(new SessionClock.Block(kind.id(), planned.asItems())),
        items.of(planned, kind, focus, material, of));
  }
}

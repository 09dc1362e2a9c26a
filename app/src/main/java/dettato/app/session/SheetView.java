package dettato.app.session;

import com.fasterxml.jackson.annotation.JsonInclude;
import dettato.app.language.UnitView;
import dettato.app.need.ClassNeeds;
import dettato.app.need.Timings;
import dettato.app.notation.ClassMarks;
import dettato.app.school.SchoolClass;
import dettato.app.terms.Prose;
import dettato.app.text.Materials;
import dettato.block.AskedOrder;
import dettato.block.BlockBook;
import dettato.block.BlockKind;
import dettato.block.Call;
import dettato.block.Check;
import dettato.block.Item;
import dettato.exercise.Material;
import dettato.focus.Focus;
import dettato.focus.FocusAt;
import dettato.notation.Drawing;
import dettato.notation.Legend;
import dettato.notation.Notation;
import dettato.plan.Guessers;
import dettato.plan.Pace;
import dettato.plan.Timing;
import dettato.plan.Unpredictable;
import dettato.profile.ByHeart;
import dettato.profile.Choices;
import dettato.profile.LetterNames;
import dettato.profile.Terms;
import dettato.rule.Opportunity;
import dettato.rule.Side;
import dettato.session.SessionClock;
import dettato.session.Shortage;
import dettato.session.Trim;
import dettato.word.Word;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Draws a session as it will be given: what each item asks, how it is called, how long it takes.
 */
@Component
public class SheetView {
  private static final int HUNDRED = 100;

  private final BlockBook book;
  private final Materials materials;
  private final FocusText focuses;
  private final Timings timings;
  private final ClassNeeds needs;
  private final ClassMarks marks;

  SheetView(
      BlockBook book,
      Materials materials,
      FocusText focuses,
      Timings timings,
      ClassNeeds needs,
      ClassMarks marks) {
    this.book = book;
    this.materials = materials;
    this.focuses = focuses;
    this.timings = timings;
    this.needs = needs;
    this.marks = marks;
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

  /** The clock of a class, with what is learnt of it. */
  SessionClock clock(SchoolClass of) {
    return clock(materials.of(of), timings.of(of.id()));
  }

  static int minutes(List<PlannedBlocks.Planned> planned, SessionClock clock) {
    return Math.round(clock.seconds(blocks(planned)) / 60f);
  }

  /** Notes how long a block took, beside what would be planned for it with nothing learnt. */
  void log(PlannedBlocks.Planned planned, int took, SchoolClass of) {
    SessionClock clock = clock(materials.of(of), Timing.NONE);
    planned
        .block()
        .took(
            clock.planned(new SessionClock.Block(planned.block().kind(), planned.asItems())), took);
  }

  private SessionClock clock(Material material, Timing timing) {
    return new SessionClock(book, material, Pace.IN_THE_ROOM, timing);
  }

  private static List<SessionClock.Block> blocks(List<PlannedBlocks.Planned> planned) {
    return planned.stream()
        .map(p -> new SessionClock.Block(p.block().kind(), p.asItems()))
        .toList();
  }

  SessionView of(SessionRow row, List<PlannedBlocks.Planned> planned, SchoolClass of) {
    Material material = materials.of(of);
    List<Focus> focus = focuses.read(row.focus());
    Timing timing = timings.of(of.id());
    SessionClock clock = clock(material, timing);
    int seconds = clock.seconds(blocks(planned));
    int limit = of.minutes() * 60;
    List<CheckView> checks = new ArrayList<>();
    planned.forEach(p -> checks.addAll(checks(p, focus, material, of)));
    clock.check(seconds, limit).ifPresent(c -> checks.add(new CheckView(c.kind(), c.says(), null)));
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
        Legend.of(notation(planned, of)),
        checks,
        seconds <= limit ? List.of() : drops(row, planned, focus, of, material, clock),
        guess(planned, focus, material),
        timing.runs() == 0 ? null : timing.error(),
        row.pupils(),
        TotalPoints.given(planned));
  }

  /** What the class marks with, and the ring that words to know by heart have in it. */
  private Notation notation(List<PlannedBlocks.Planned> planned, SchoolClass of) {
    boolean byHeart = planned.stream().anyMatch(p -> isRinged(book.of(p.block().kind()), of));
    Notation usual = of.choices().notation();
    return byHeart ? usual.withByHeart() : usual;
  }

  private static boolean isRinged(BlockKind kind, SchoolClass of) {
    return kind.isByHeart() && of.choices().byHeart() == ByHeart.SOUNDED;
  }

  private List<Long> drops(
      SessionRow row,
      List<PlannedBlocks.Planned> planned,
      List<Focus> focus,
      SchoolClass of,
      Material material,
      SessionClock clock) {
    return new Trim(clock, needs.broken(of, row.pupils()), focus, material)
        .toFit(blocks(planned), of.minutes() * 60).stream()
            .map(p -> planned.get(p.block()).items().get(p.item()).id())
            .toList();
  }

  /** Of all blocks of words the one that is guessed best. */
  private static @Nullable Guess guess(
      List<PlannedBlocks.Planned> planned, List<Focus> focus, Material material) {
    return planned.stream()
        .filter(p -> p.block().kind().equals("words") && p.block().role() == Item.Role.FOCUS)
        .map(p -> AskedOrder.of(p.asItems(), focus, material))
        .filter(asked -> asked.size() >= Unpredictable.FEWEST)
        .map(Guessers::best)
        .max(Comparator.comparingDouble(Guessers.Score::share))
        .map(s -> new Guess(s.way().says(), s.right(), s.places()))
        .orElse(null);
  }

  private List<CheckView> checks(
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
        book.of(block.kind()).checks(planned.asItems(), others ? List.of() : focus, material);
    return Stream.concat(
            shortage.stream(),
            found.stream().filter(c -> shortage.isEmpty() || c.kind() != Check.Kind.EMPTY))
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
      PlannedBlocks.Planned planned,
      List<Focus> focus,
      Material material,
      SchoolClass of,
      SessionClock clock) {
    BlockKind kind = book.of(planned.block().kind());
    return new BlockView(
        planned.block().id(),
        kind.id(),
        Titles.of(of).of(planned, book),
        planned.block().role(),
        kind.isSpoken(),
        clock.seconds(new SessionClock.Block(kind.id(), planned.asItems())),
        planned.items().stream().map(i -> item(i, kind, focus, material, of)).toList());
  }

  private ItemView item(
      ItemRow row, BlockKind kind, List<Focus> focus, Material material, SchoolClass of) {
    Choices choices = of.choices();
    boolean byName = kind.isByHeart() && choices.byHeart() == ByHeart.NAMES;
    ClassMarks.Hand hand = isRinged(kind, of) ? marks.byHeart(of) : marks.of(of);
    Call call = kind.call(new Item(row.text(), row.role(), Optional.empty(), row.why()), material);
    boolean oneWord = row.text().matches("[\\p{L}'’-]+");
    Optional<Word> word =
        oneWord ? Optional.of(material.word().apply(row.text())) : Optional.empty();
    Optional<FocusAt> at = word.flatMap(w -> FocusAt.first(focus, w, material.accent()));
    Optional<Opportunity> decided = at.flatMap(FocusAt::decided);
    int unit = at.map(FocusAt::unit).orElse(-1);
    return new ItemView(
        row.id(),
        row.text(),
        kind.isQuestion() ? Terms.of(choices.terms()).said(call.says()) : call.says(),
        call.answer(),
        row.role(),
        decided.map(Opportunity::rule).orElse(null),
        decided.map(o -> o.condition().id()).orElse(null),
        decided.map(Opportunity::side).orElse(null),
        word.map(w -> UnitView.of(w.cut(), material.accent())).orElse(List.of()),
        word.map(Word::clue).orElse(""),
        unit < 0 ? "" : word.map(w -> w.cut().unit(unit).grapheme().text()).orElse(""),
        unit,
        row.why().isEmpty() ? decided.map(Opportunity::why).orElse("") : row.why(),
        call.pause() * choices.pace() / HUNDRED,
        row.isStumbled(),
        Set.copyOf(row.stumblers()),
        row.points().ours() / 2.0,
        row.points().theirs() / 2.0,
        word.map(w -> choices.parting().of(w, marks.chunks(of))).orElse(List.of()),
        word.map(w -> hand.word(w, unit)).orElse(null),
        word.filter(w -> byName)
            .map(w -> LetterNames.of(w.letters(), material.accent()))
            .orElse(null));
  }
}

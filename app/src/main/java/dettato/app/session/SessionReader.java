package dettato.app.session;

import com.fasterxml.jackson.annotation.JsonInclude;
import dettato.activity.Activities;
import dettato.activity.Activity;
import dettato.activity.Item;
import dettato.app.account.Teacher;
import dettato.app.marking.AnswerState;
import dettato.app.marking.AttemptReader;
import dettato.app.marking.Cell;
import dettato.app.school.Pupil;
import dettato.app.school.SchoolClass;
import dettato.focus.Focus;
import dettato.prompt.Prompt;
import dettato.session.SessionClock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads sessions and papers. Papers are counted in SQL; nothing is marked. */
@Service
public class SessionReader {
  private static final int MOST = 200;

  private final SessionRows sessions;
  private final PaperRows papers;
  private final PlannedBlocks planned;
  private final SessionAccess access;
  private final SheetView sheet;
  private final SheetClocks clocks;
  private final FocusText focuses;
  private final AttemptReader attempts;
  private final Activities book;

  /** Ids of the kinds of which nothing stands on a paper. */
  private final List<String> spoken;

  SessionReader(
      SessionRows sessions,
      PaperRows papers,
      PlannedBlocks planned,
      SessionAccess access,
      SheetView sheet,
      SheetClocks clocks,
      FocusText focuses,
      AttemptReader attempts,
      Activities book) {
    this.sessions = sessions;
    this.papers = papers;
    this.planned = planned;
    this.access = access;
    this.sheet = sheet;
    this.clocks = clocks;
    this.focuses = focuses;
    this.attempts = attempts;
    this.book = book;
    this.spoken = book.all().stream().filter(k -> k.traits().isSpoken()).map(Activity::id).toList();
  }

  /** What a block of a session in a list holds. */
  record BlockCount(String kind, String title, Item.Role role, int items) {}

  /**
   * A session in a list.
   *
   * @param marked how many papers have every item entered, or are away
   * @param papers how many there are to be
   * @param items how many there are in its blocks
   * @param minutes it takes about
   * @param pupils of a group; empty for the whole class
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  record SessionSummary(
      long id,
      long version,
      LocalDate date,
      String title,
      SessionState state,
      List<FocusView> focus,
      List<BlockCount> blocks,
      int items,
      int marked,
      int papers,
      int minutes,
      Set<Long> pupils) {}

  /** A child's paper: whether the child was there, and what stands on it. */
  record Paper(Pupil pupil, PaperRow.State state, List<Cell> cells) {}

  /** The sessions of a class between two days, newest first, at most two hundred. */
  @Transactional(readOnly = true)
  List<SessionSummary> between(SchoolClass of, LocalDate from, LocalDate to) {
    List<SessionRow> rows = sessions.between(of.id(), from, to, Limit.of(MOST));
    Map<Long, List<PlannedBlocks.Planned>> blocks =
        planned.of(rows.stream().map(SessionRow::id).toList());
    Map<Long, Integer> marked = marked(of.id(), from, to);
    SessionClock clock = clocks.of(of);
    return rows.stream()
        .map(
            row ->
                summary(
                    row,
                    blocks.getOrDefault(row.id(), List.of()),
                    marked.getOrDefault(row.id(), 0),
                    of,
                    clock))
        .toList();
  }

  private SessionSummary summary(
      SessionRow row,
      List<PlannedBlocks.Planned> blocks,
      int marked,
      SchoolClass of,
      SessionClock clock) {
    List<Focus> focus = focuses.read(row.focus());
    Titles titles = Titles.of(of);
    List<BlockCount> counts =
        blocks.stream()
            .map(
                p ->
                    new BlockCount(
                        p.block().kind(), titles.of(p, book), p.block().role(), p.items().size()))
            .toList();
    return new SessionSummary(
        row.id(),
        row.version(),
        row.givenOn(),
        titles.of(row, focus),
        row.state(),
        focus.stream().map(FocusView::of).toList(),
        counts,
        counts.stream().mapToInt(BlockCount::items).sum(),
        marked,
        Math.max(marked, row.pupils().isEmpty() ? of.pupils().size() : row.pupils().size()),
        SheetClocks.minutes(blocks, clock),
        row.pupils());
  }

  /** How many papers of each session are done. */
  private Map<Long, Integer> marked(long classId, LocalDate from, LocalDate to) {
    Set<PaperRows.OfSession> done = new HashSet<>(papers.away(classId, from, to));
    done.addAll(papers.whole(classId, from, to, spoken));
    Map<Long, Integer> marked = new HashMap<>();
    done.forEach(p -> marked.merge(p.session(), 1, Integer::sum));
    return marked;
  }

  /** One thing a session asks, with the kind of its block. */
  public record Asked(long item, String kind, Prompt prompt) {}

  /** All that a session asks, in order. */
  @Transactional(readOnly = true)
  public List<Asked> asked(long id) {
    return planned.of(id).stream()
        .flatMap(p -> p.items().stream().map(i -> new Asked(i.id(), p.block().kind(), i.prompt())))
        .toList();
  }

  /** One session as it will be given. */
  @Transactional(readOnly = true)
  public SheetView.SessionView find(long id, Teacher teacher) {
    SessionAccess.Open open = access.find(id, teacher);
    return sheet.of(open.row(), planned.of(id), open.of());
  }

  /** A child's paper on which something stands. */
  public record WrittenPaper(Pupil pupil, List<Cell> cells) {}

  /** The papers on which something stands, in the order of the class. */
  @Transactional(readOnly = true)
  public List<WrittenPaper> written(long id, Teacher teacher) {
    return papers(id, teacher).stream()
        .map(
            p ->
                new WrittenPaper(
                    p.pupil, p.cells.stream().filter(c -> c.state() != AnswerState.EMPTY).toList()))
        .filter(p -> !p.cells.isEmpty())
        .toList();
  }

  /** The papers of everyone who was in the class on the day, or has something on one. */
  @Transactional(readOnly = true)
  List<Paper> papers(long id, Teacher teacher) {
    SessionAccess.Open open = access.find(id, teacher);
    Map<Long, List<Cell>> cells =
        attempts.cells(id, open.of()).stream().collect(Collectors.groupingBy(Cell::pupilId));
    Map<Long, PaperRow.State> states =
        papers.findBySessionId(id).stream()
            .collect(Collectors.toMap(PaperRow::pupilId, PaperRow::state));
    LocalDate day = open.row().givenOn();
    Set<Long> group = open.row().pupils();
    return open.of().everyone().stream()
        .filter(
            e ->
                e.isThereOn(day) && (group.isEmpty() || group.contains(e.id()))
                    || cells.containsKey(e.id())
                    || states.containsKey(e.id()))
        .map(
            e ->
                new Paper(
                    e.pupil(),
                    states.getOrDefault(e.id(), PaperRow.State.HERE),
                    cells.getOrDefault(e.id(), List.of())))
        .toList();
  }
}

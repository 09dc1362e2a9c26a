package dettato.app.session;

import dettato.app.account.Teacher;
import dettato.app.marking.AnswerState;
import dettato.app.marking.AttemptReader;
import dettato.app.marking.AttemptWriter;
import dettato.app.marking.Cell;
import dettato.app.marking.Entry;
import dettato.app.problem.Problem;
import dettato.app.school.Classes;
import dettato.prompt.Prompt;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Papers as they are typed: what stands in each cell, and who was away. */
@Service
@RequiredArgsConstructor
public class Papers {
  private final SessionAccess access;
  private final PlannedBlocks planned;
  private final ItemRows items;
  private final PaperRows papers;
  private final PaperWriter writer;
  private final AttemptWriter attempts;
  private final AttemptReader reader;
  private final Classes classes;

  /**
   * What is typed in a cell.
   *
   * @param corrected what the child wrote on checking; null leaves what is there
   * @param version of what was seen there, 0 for nothing; null when it does not matter
   */
  public record Typed(
      String written, AnswerState state, @Nullable String corrected, @Nullable Long version) {}

  /** Where a cell is. */
  public record Place(long sessionId, long pupilId, long itemId) {}

  /** Keeps what is typed in a cell; a paper that is typed is there. */
  @Transactional
  public Cell type(Place place, Typed typed, Teacher teacher) {
    ItemRows.ItemOfSession asked =
        items
            .asked(place.sessionId, place.itemId, place.pupilId)
            .orElseThrow(() -> notThere(place, teacher));
    if (!classes.hasOrHad(asked.classId(), place.pupilId, teacher)) {
      throw noChild(place.pupilId);
    }
    Entry entry =
        new Entry(
            place.pupilId,
            place.itemId,
            asked.kind(),
            asked.givenOn(),
            asked.prompt(),
            typed.written,
            typed.state,
            typed.corrected);
    return writer.write(
        new PaperWriter.WhosePaper(place.sessionId, asked.classId(), asked.paper()),
        entry,
        typed.version);
  }

  private Problem notThere(Place place, Teacher teacher) {
    access.find(place.sessionId, teacher);
    return Problem.notFound("This session has no item " + place.itemId + ".");
  }

  /**
   * An answer among several.
   *
   * @param version of what was seen there, 0 for nothing; null when it does not matter
   */
  record OneOfSeveral(
      long pupilId, long itemId, String written, AnswerState state, @Nullable Long version) {}

  /**
   * Keeps several answers, all or none.
   *
   * @throws Problem 404 for a child or an item that is not the session's, 409 when something else
   *     stands in one of the cells
   */
  @Transactional
  List<Cell> typeAll(SessionAccess.Open open, List<OneOfSeveral> answers, Teacher teacher) {
    long session = open.row().id();
    Map<Long, Asked> items = new HashMap<>();
    for (PlannedBlocks.Planned block : planned.of(session)) {
      block.items().forEach(i -> items.put(i.id(), new Asked(block.block().kind(), i.prompt())));
    }
    hold(answers.stream().map(OneOfSeveral::pupilId).toList(), open);
    Map<Long, PaperRow.State> states =
        papers.findBySessionId(session).stream()
            .collect(Collectors.toMap(PaperRow::pupilId, PaperRow::state));
    List<Cell> kept = new ArrayList<>();
    for (OneOfSeveral answer : answers) {
      Asked asked = items.get(answer.itemId);
      if (asked == null) {
        throw Problem.notFound("This session has no item " + answer.itemId + ".");
      }
      Entry entry =
          new Entry(
              answer.pupilId,
              answer.itemId,
              asked.kind,
              open.row().givenOn(),
              asked.prompt,
              answer.written,
              answer.state,
              null);
      kept.add(
          writer.writeUnseen(
              new PaperWriter.WhosePaper(session, open.of().id(), states.get(answer.pupilId)),
              entry,
              answer.version));
    }
    return kept;
  }

  private record Asked(String kind, Prompt prompt) {}

  /** The same of one paper. */
  @Transactional
  List<Cell> typeAll(long sessionId, List<OneOfSeveral> answers, Teacher teacher) {
    return typeAll(access.find(sessionId, teacher), answers, teacher);
  }

  /**
   * Lets nobody else write about these children until the transaction ends.
   *
   * @throws Problem 404 for a child that is not in the class
   */
  void hold(List<Long> pupils, SessionAccess.Open open) {
    pupils.stream().distinct().forEach(p -> mustBeOurs(p, open));
    attempts.hold(pupils);
  }

  /**
   * Says whether a child was there.
   *
   * @throws Problem 409 when the child is said to be away and has something on the paper
   */
  @Transactional
  void become(long sessionId, long pupilId, PaperRow.State state, Teacher teacher) {
    SessionAccess.Open open = access.find(sessionId, teacher);
    mustBeOurs(pupilId, open);
    int written = state == PaperRow.State.AWAY ? reader.answered(sessionId, pupilId).size() : 0;
    if (written > 0) {
      throw Problem.conflict(
          "%d answers stand on this paper, so the child was there. Empty them first, or mark the"
                  .formatted(written)
              + " rest blank.");
    }
    PaperRow row =
        papers
            .findBySessionIdAndPupilId(sessionId, pupilId)
            .orElseGet(() -> new PaperRow(sessionId, pupilId, state));
    row.become(state);
    papers.save(row);
  }

  private void mustBeOurs(long pupilId, SessionAccess.Open open) {
    if (!classes.hasOrHad(open.of().id(), pupilId)) {
      throw noChild(pupilId);
    }
  }

  private static Problem noChild(long pupilId) {
    return Problem.notFound("There is no child " + pupilId + " in this class.");
  }
}

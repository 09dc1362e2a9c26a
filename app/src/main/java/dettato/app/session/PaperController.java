package dettato.app.session;

import dettato.app.account.Teacher;
import dettato.app.marking.AnswerState;
import dettato.app.marking.Cell;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The papers of a session. */
@RestController
@RequiredArgsConstructor
class PaperController {
  private final SessionReader reader;
  private final Papers papers;
  private final SessionScores scores;
  private final ScoreFile file;
  private final SessionOutlook outlook;

  /**
   * @param version of what was seen in the cell, 0 for nothing; left out when it does not matter
   */
  record TypedCell(
      @NotNull @Size(max = 400) String written,
      @NotNull AnswerState state,
      @Nullable @Size(max = 400) String corrected,
      @Nullable Long version) {}

  /**
   * @param version of what was seen in the cell, 0 for nothing; left out when it does not matter
   */
  record TypedOfPaper(
      long itemId,
      @NotNull @Size(max = 400) String written,
      @NotNull AnswerState state,
      @Nullable Long version) {}

  record TypedPaper(@NotNull @Size(max = 120) List<@Valid @NotNull TypedOfPaper> cells) {}

  record NextPaperState(@NotNull PaperRow.State state) {}

  /** Every paper of a session with its cells and their marks. */
  @GetMapping("/api/sessions/{id}/papers")
  List<SessionReader.Paper> all(@PathVariable long id, @AuthenticationPrincipal Teacher teacher) {
    return reader.papers(id, teacher);
  }

  /** Every paper in numbers, as the class counts them. */
  @GetMapping("/api/sessions/{id}/scores")
  List<SessionScores.PaperScore> scores(
      @PathVariable long id, @AuthenticationPrincipal Teacher teacher) {
    return scores.of(id, teacher);
  }

  /** What the papers say, in three lines at most, and the next step. */
  @GetMapping("/api/sessions/{id}/outlook")
  SessionOutlook.OutlookView outlook(
      @PathVariable long id, @AuthenticationPrincipal Teacher teacher) {
    return outlook.of(id, teacher);
  }

  /** The scores of a session as CSV, a child a line. */
  @GetMapping(path = "/api/sessions/{id}/scores.csv", produces = "text/csv;charset=UTF-8")
  ResponseEntity<String> scoreFile(
      @PathVariable long id, @AuthenticationPrincipal Teacher teacher) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"scores.csv\"")
        .body(file.write(id, teacher));
  }

  /**
   * Keeps what a child wrote for one item, and gives it back marked. A version that is gone is
   * refused with what stands there.
   */
  @PutMapping("/api/sessions/{id}/papers/{pupilId}/items/{itemId}")
  Cell type(
      @PathVariable long id,
      @PathVariable long pupilId,
      @PathVariable long itemId,
      @RequestBody @Valid TypedCell typed,
      @AuthenticationPrincipal Teacher teacher) {
    return papers.type(
        new Papers.Place(id, pupilId, itemId),
        new Papers.Typed(typed.written(), typed.state(), typed.corrected(), typed.version()),
        teacher);
  }

  /** Several cells of one paper, all or none. */
  @PutMapping("/api/sessions/{id}/papers/{pupilId}/items")
  List<Cell> typeAll(
      @PathVariable long id,
      @PathVariable long pupilId,
      @RequestBody @Valid TypedPaper paper,
      @AuthenticationPrincipal Teacher teacher) {
    return papers.typeAll(
        id,
        paper.cells().stream()
            .map(
                c ->
                    new Papers.OneOfSeveral(
                        pupilId, c.itemId(), c.written(), c.state(), c.version()))
            .toList(),
        teacher);
  }

  /** Says whether a child was there. */
  @PutMapping("/api/sessions/{id}/papers/{pupilId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void become(
      @PathVariable long id,
      @PathVariable long pupilId,
      @RequestBody @Valid NextPaperState next,
      @AuthenticationPrincipal Teacher teacher) {
    papers.become(id, pupilId, next.state(), teacher);
  }
}

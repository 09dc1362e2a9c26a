package dettato.app.marking;

import dettato.activity.Activities;
import dettato.activity.Judged;
import dettato.app.engine.Engines;
import dettato.app.outcome.Judgement;
import dettato.app.outcome.Outcomes;
import dettato.app.school.Classes;
import dettato.app.school.SchoolClass;
import dettato.engine.Engine;
import dettato.mark.AttemptMarker;
import dettato.mark.Result;
import dettato.prompt.Prompt;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * Makes marks and stores what they say; nothing else in the application calls the marker on what
 * children wrote. Every mark names the version of core that made it.
 */
@Component
@RequiredArgsConstructor
class MarkStore {
  /** Changes with the core's judgement, or with what is stored of it. */
  static final String VERSION = AttemptMarker.VERSION + ".2";

  private static final Logger LOG = LoggerFactory.getLogger(MarkStore.class);

  /** So many marks bring the marker to its speed. */
  private static final int WARMING = 1_500;

  private final Outcomes outcomes;
  private final OverrideRows overrides;
  private final Engines engines;
  private final Classes classes;
  private final Activities book;
  private final Prompts prompts;

  /** Marks one attempt, stores it, and shows it with its explanation. */
  Cell keep(AttemptRow row) {
    return keep(row, Shown::explained);
  }

  /** The same without what explains it, which costs several times as much. */
  Cell keepPlain(AttemptRow row) {
    return keep(row, Shown::plain);
  }

  /** How a judgement is shown. */
  private interface Look {
    Shown of(Judged judged, String target, Engine engine);
  }

  private Cell keep(AttemptRow row, Look look) {
    Engine engine = engines.of(classes.accentOf(row.classId()));
    Optional<Result> own = own(row);
    outcomes.clear(List.of(row.id()));
    if (!isMarked(row)) {
      return Cell.of(row, Optional.empty(), Shown.NOTHING, own);
    }
    Judged judged = judge(row, prompts.of(row), engine);
    outcomes.store(List.of(judgement(row, judged, own.orElse(null))), VERSION);
    return shown(row, judged, own, look.of(judged, row.target(), engine));
  }

  /** Marks many attempts anew and stores what they say in place of what was stored. */
  void keepAnew(List<AttemptRow> rows) {
    Map<Long, Result> own = own(rows);
    outcomes.clear(rows.stream().map(AttemptRow::id).toList());
    outcomes.store(judged(rows, own, spoken(rows)), VERSION);
  }

  /**
   * Marks attempts that are new, so that nothing is stored of them yet and nobody has judged them.
   * The judging goes on while their own rows are written.
   *
   * @return stores the marks, once the attempts are there
   */
  Runnable keepFirst(List<AttemptRow> rows) {
    Map<Long, Engine> spoken = spoken(rows);
    CompletableFuture<List<Judgement>> judged =
        CompletableFuture.supplyAsync(() -> judged(rows, Collections.emptyMap(), spoken));
    return () -> outcomes.store(judged.join(), VERSION);
  }

  /** Marks common words without their last letter, for nobody. */
  void warmUp(Engine engine) {
    engine.words().stream()
        .filter(w -> w.cut().size() > 2)
        .limit(WARMING)
        .forEach(
            w -> {
              String written = w.spelling().substring(0, w.spelling().length() - 1);
              Judged judged = Judged.of(engine.marker().mark(w, written));
              Shown.plain(judged, w.spelling(), engine);
            });
  }

  private Map<Long, Engine> spoken(List<AttemptRow> rows) {
    return rows.stream()
        .map(AttemptRow::classId)
        .distinct()
        .collect(Collectors.toMap(id -> id, id -> engines.of(classes.accentOf(id))));
  }

  /** Judging is most of the work, and one attempt knows nothing of another. */
  private List<Judgement> judged(
      List<AttemptRow> rows, Map<Long, Result> own, Map<Long, Engine> spoken) {
    Map<Long, Prompt> asked = prompts.of(rows);
    return rows.parallelStream()
        .filter(MarkStore::isMarked)
        .map(
            row -> {
              Engine engine = Objects.requireNonNull(spoken.get(row.classId()));
              return judgement(
                  row,
                  judge(row, Objects.requireNonNull(asked.get(row.id())), engine),
                  own.get(row.id()));
            })
        .toList();
  }

  /** One attempt with its explanation, made for whoever opens it. */
  Cell explain(AttemptRow row) {
    return look(row, Shown::explained);
  }

  /** One attempt as it is marked. */
  Cell plain(AttemptRow row) {
    return look(row, Shown::plain);
  }

  /**
   * The papers of a class as they are marked. One that cannot be marked shows the result that is
   * stored of it.
   */
  List<Cell> onPapers(List<AttemptRows.OnPaper> all, SchoolClass of) {
    Engine engine = engines.of(of.accent());
    return all.parallelStream().map(one -> onPaper(one, engine)).toList();
  }

  private Cell onPaper(AttemptRows.OnPaper one, Engine engine) {
    Optional<Result> own = Optional.ofNullable(one.own());
    if (!isMarked(one.row())) {
      return Cell.of(one.row(), Optional.empty(), Shown.NOTHING, own);
    }
    try {
      Judged judged = judge(one.row(), one.prompt(), engine);
      return shown(one.row(), judged, own, Shown.plain(judged, one.row().target(), engine));
    } catch (RuntimeException e) {
      LOG.error("Attempt {} could not be marked; its stored result is shown", one.row().id(), e);
      return Cell.of(one.row(), Optional.ofNullable(one.derived()), Shown.NOTHING, own);
    }
  }

  private Cell look(AttemptRow row, Look look) {
    Engine engine = engines.of(classes.accentOf(row.classId()));
    Optional<Result> own = own(row);
    if (!isMarked(row)) {
      return Cell.of(row, Optional.empty(), Shown.NOTHING, own);
    }
    Judged judged = judge(row, prompts.of(row), engine);
    return shown(row, judged, own, look.of(judged, row.target(), engine));
  }

  private Judged judge(AttemptRow row, Prompt prompt, Engine engine) {
    return book.of(row.kind()).judge(prompt, row.written(), engine.markers());
  }

  private static Cell shown(AttemptRow row, Judged judged, Optional<Result> own, Shown shown) {
    return Cell.of(row, Optional.of(judged.result()), shown, own);
  }

  private static Judgement judgement(AttemptRow row, Judged judged, @Nullable Result own) {
    return new Judgement(
        row.id(), row.pupilId(), row.writtenOn(), row.state() == AnswerState.WRITTEN, judged, own);
  }

  private static boolean isMarked(AttemptRow row) {
    return row.state() == AnswerState.WRITTEN || row.state() == AnswerState.BLANK;
  }

  private Optional<Result> own(AttemptRow row) {
    return overrides
        .findFirstByAttemptIdOrderByIdDesc(row.id())
        .filter(o -> o.stands(row.written()))
        .map(OverrideRow::result);
  }

  private Map<Long, Result> own(List<AttemptRow> rows) {
    Map<Long, Result> own = new HashMap<>();
    Map<Long, OverrideRow> newest = new HashMap<>();
    for (int from = 0; from < rows.size(); from += 1_000) {
      overrides
          .newest(
              rows.subList(from, Math.min(rows.size(), from + 1_000)).stream()
                  .map(AttemptRow::id)
                  .toList())
          .forEach(o -> newest.put(o.attemptId(), o));
    }
    for (AttemptRow row : rows) {
      OverrideRow one = newest.get(row.id());
      if (one != null && one.stands(row.written())) {
        own.put(row.id(), one.result());
      }
    }
    return own;
  }
}

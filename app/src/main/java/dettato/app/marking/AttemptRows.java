package dettato.app.marking;

import dettato.app.outcome.SessionOutcomes;
import dettato.mark.Result;
import dettato.prompt.Prompt;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface AttemptRows extends JpaRepository<AttemptRow, Long> {
  String OF_SESSION = SessionOutcomes.ATTEMPTS + " where b.sessionId = :session";

  Optional<AttemptRow> findByPupilIdAndItemId(Long pupilId, Long itemId);

  List<AttemptRow> findByItemIdIn(Collection<Long> itemIds);

  /**
   * Whose attempts they are, without the rows themselves: who is to hold the child first must read
   * the row after that, and a row that a transaction has read once is not read again.
   */
  @Query("select distinct a.pupilId from AttemptRow a where a.id in :ids")
  List<Long> pupilsOf(Collection<Long> ids);

  /** The same of one. */
  @Query("select a.pupilId from AttemptRow a where a.id = :id")
  Optional<Long> pupilOf(Long id);

  /** Whose answers to these items there are. */
  @Query("select distinct a.pupilId from AttemptRow a where a.itemId in :items")
  List<Long> pupilsOfItems(Collection<Long> items);

  /** How many children have something on a paper of a session. */
  @Query("select count(distinct a.pupilId)" + OF_SESSION + " and a.state <> EMPTY")
  int papers(Long session);

  /** The items of a session that a child has written something for. */
  @Query("select i.id" + OF_SESSION + " and a.pupilId = :pupil and a.state <> EMPTY")
  Set<Long> answered(Long session, Long pupil);

  /**
   * An attempt as it stands on a paper.
   *
   * @param own the teacher's own result; null where she gave none
   * @param derived the result that is stored
   */
  record OnPaper(AttemptRow row, Prompt prompt, @Nullable Result own, @Nullable Result derived) {}

  /** The attempts of a session, with what was said of them. */
  @Query(
      "select new dettato.app.marking.AttemptRows$OnPaper(a, i.prompt, o.result, m.result)"
          + SessionOutcomes.ATTEMPTS
          + " left join MarkRow m on m.attemptId = a.id"
          + SessionOutcomes.NEWEST_OVERRIDE
          + " where b.sessionId = :session order by a.id")
  List<OnPaper> onPapers(Long session);

  /** An attempt as it goes out: whose, when, what, and what it counts as. */
  record Listed(
      Long id,
      String pupil,
      LocalDate on,
      String target,
      String written,
      @Nullable String corrected,
      @Nullable Result own,
      @Nullable Result derived) {}

  /** The attempts of a class between two days, oldest first. */
  @Query(
      "select new dettato.app.marking.AttemptRows$Listed(a.id, p.name, a.writtenOn, a.target,"
          + " a.written, a.corrected, o.result, m.result)"
          + " from AttemptRow a join PupilRow p on p.id = a.pupilId"
          + " left join MarkRow m on m.attemptId = a.id"
          + SessionOutcomes.NEWEST_OVERRIDE
          + " where a.classId = :of and a.writtenOn between :from and :to and a.state <> EMPTY"
          + " order by a.writtenOn, a.id")
  List<Listed> listed(Long of, LocalDate from, LocalDate to);

  /** The first and the last day on which a class wrote. */
  record Days(@Nullable LocalDate first, @Nullable LocalDate last) {}

  @Query(
      "select new dettato.app.marking.AttemptRows$Days(min(a.writtenOn), max(a.writtenOn))"
          + " from AttemptRow a where a.classId = :of")
  Days days(Long of);

  /** What a child wrote on a day, and for what. */
  record Fact(Long pupilId, LocalDate on, String target, String written) {}

  /** What these children wrote between two days. */
  @Query(
      "select new dettato.app.marking.AttemptRows$Fact(a.pupilId, a.writtenOn, a.target, a.written)"
          + " from AttemptRow a where a.pupilId in :pupils and a.writtenOn between :from and :to")
  List<Fact> facts(Collection<Long> pupils, LocalDate from, LocalDate to);

  /** Says on which day the answers to these items were written. */
  @Modifying(flushAutomatically = true)
  @Query("update AttemptRow a set a.writtenOn = :day where a.itemId in :items")
  void writtenOn(Collection<Long> items, LocalDate day);
}

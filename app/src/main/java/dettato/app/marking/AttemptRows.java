package dettato.app.marking;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface AttemptRows extends JpaRepository<AttemptRow, Long> {
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

  /** Says on which day the answers to these items were written. */
  @Modifying(flushAutomatically = true)
  @Query("update AttemptRow a set a.writtenOn = :day where a.itemId in :items")
  void writtenOn(Collection<Long> items, LocalDate day);
}

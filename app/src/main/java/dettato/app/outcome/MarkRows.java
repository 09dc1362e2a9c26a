package dettato.app.outcome;

import java.util.Collection;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface MarkRows extends Repository<MarkRow, Long> {
  @Query("select count(m) from MarkRow m where m.version < :version")
  int countBefore(String version);

  @Query("select count(m) from MarkRow m where m.version > :version and m.version < :end")
  int countBetween(String version, String end);

  @Query("select count(m) from MarkRow m where m.version >= :version")
  int countFrom(String version);

  @Query("select m.attemptId from MarkRow m where m.version < :version")
  List<Long> before(String version, Limit most);

  @Query("select m.attemptId from MarkRow m where m.version > :version and m.version < :end")
  List<Long> between(String version, String end, Limit most);

  @Modifying
  @Query("update MarkRow m set m.version = :as where m.version >= :from and m.version <> :but")
  void renameFrom(String from, String but, String as);

  @Modifying
  @Query("update MarkRow m set m.version = :as where m.attemptId = :attempt")
  void rename(Long attempt, String as);

  @Modifying
  @Query(
      "update MarkRow m set m.version = :as where m.attemptId in"
          + " (select a.id from AttemptRow a where a.classId = :of)")
  void renameOfClass(Long of, String as);

  @Modifying
  @Query(
      "update MarkRow m set m.version = :as where m.attemptId in"
          + " (select w.at.attemptId from WordRow w where w.target in :targets)")
  void renameOfWords(Collection<String> targets, String as);
}

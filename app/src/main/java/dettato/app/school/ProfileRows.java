package dettato.app.school;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ProfileRows extends JpaRepository<ProfileRow, Long> {
  /** The accent alone, which is asked with every answer that is kept. */
  @Query("select p.accent from ProfileRow p where p.classId = :classId")
  Optional<String> accentOf(Long classId);
}

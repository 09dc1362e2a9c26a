package dettato.app.marking;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.repository.ListCrudRepository;

interface AttemptRows extends ListCrudRepository<AttemptRow, Long> {
  List<AttemptRow> findByClassIdOrderByWrittenOnAscIdAsc(Long classId);

  List<AttemptRow> findByPupilIdInAndStateOrderByWrittenOnAscIdAsc(
      Collection<Long> pupilIds, String state);

  List<AttemptRow> findByItemIdIn(List<Long> itemIds);

  Optional<AttemptRow> findByPupilIdAndItemId(Long pupilId, Long itemId);

  List<AttemptRow> findByTargetIn(Collection<String> targets);
}

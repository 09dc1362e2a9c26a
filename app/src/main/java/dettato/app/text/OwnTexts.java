package dettato.app.text;

import dettato.app.account.Teacher;
import dettato.app.problem.Problem;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import lombok.RequiredArgsConstructor;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The sentences and texts a school has written for itself; every class finds them. */
@Service
@RequiredArgsConstructor
class OwnTexts {
  private final OwnTextRows rows;
  private final Clock clock;

  /** All, the newest first. */
  @Transactional(readOnly = true)
  List<OwnText> all() {
    return rows.findAll(Sort.by(Sort.Direction.DESC, "id")).stream().map(OwnTextRow::told).toList();
  }

  /** Keeps those that are not there yet; returns how many were new. */
  @Transactional
  int keep(List<OwnText> texts, Teacher teacher) {
    Set<List<String>> known = new HashSet<>();
    all().forEach(t -> known.add(List.of(t.title(), t.text())));
    List<OwnTextRow> fresh = new ArrayList<>();
    for (OwnText text : texts) {
      if (known.add(List.of(text.title(), text.text()))) {
        fresh.add(new OwnTextRow(text.title(), text.text(), teacher.id(), clock.instant()));
      }
    }
    rows.saveAllAndFlush(fresh);
    return fresh.size();
  }

  /**
   * Takes one away: whoever wrote it may, and a lead.
   *
   * @throws Problem 404 when it is not there
   */
  @Transactional
  void remove(long id, Teacher teacher) {
    OwnTextRow row =
        rows.findById(id).orElseThrow(() -> Problem.notFound("This text is not there any more."));
    if (row.accountId() != teacher.id()) {
      teacher.mustLead("take away what a colleague wrote");
    }
    rows.delete(row);
  }
}

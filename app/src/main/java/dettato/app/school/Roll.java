package dettato.app.school;

import dettato.app.problem.Problem;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The children of a class: who comes, is renamed, leaves and comes back. Papers stay theirs. */
@Service
@RequiredArgsConstructor
class Roll {
  private static final int MOST = 60;

  private final ClassRows classes;
  private final PupilRows pupils;
  private final EnrolmentRows enrolments;
  private final Clock clock;

  /**
   * Adds children at the end.
   *
   * @param today whether they come today; else they have always been there
   * @throws Problem 400 for a name that is none, or is there already
   */
  @Transactional
  void add(long classId, List<String> names, boolean today) {
    classes.hold(classId);
    List<Enrolled> known = enrolments.of(List.of(classId));
    Set<String> taken = namesIn(known);
    if (taken.size() + names.size() > MOST) {
      throw Problem.badRequest("A class has at most " + MOST + " children.");
    }
    List<PupilRow> made = new ArrayList<>();
    for (String name : names) {
      String clean = clean(name, taken);
      taken.add(clean);
      made.add(new PupilRow(clean));
    }
    pupils.saveAll(made);
    int place =
        enrolments.findByClassId(classId).stream().mapToInt(EnrolmentRow::place).max().orElse(-1);
    List<EnrolmentRow> rows = new ArrayList<>();
    for (PupilRow pupil : made) {
      rows.add(new EnrolmentRow(classId, pupil.id(), ++place, today ? LocalDate.now(clock) : null));
    }
    enrolments.saveAll(rows);
  }

  /** Gives a child another name or code. */
  @Transactional
  void rename(long classId, long pupilId, String name) {
    classes.hold(classId);
    enrolment(classId, pupilId);
    Set<String> taken =
        namesIn(enrolments.of(List.of(classId)).stream().filter(e -> e.id() != pupilId).toList());
    pupils.findById(pupilId).orElseThrow().rename(clean(name, taken));
  }

  /** Gives a child more time to write. */
  @Transactional
  void give(long classId, long pupilId, int more) {
    enrolment(classId, pupilId).give(more);
  }

  /** A child leaves today. */
  @Transactional
  void leave(long classId, long pupilId) {
    enrolment(classId, pupilId).leave(LocalDate.now(clock));
  }

  /** A child who left is there again. */
  @Transactional
  void comeBack(long classId, long pupilId) {
    classes.hold(classId);
    String name = pupils.findById(pupilId).map(PupilRow::name).orElse("");
    EnrolmentRow row = enrolment(classId, pupilId);
    clean(
        name,
        namesIn(enrolments.of(List.of(classId)).stream().filter(e -> e.id() != pupilId).toList()));
    row.comeBack();
  }

  /**
   * Puts children in an order, such as that of the pile their papers lie in: they take the places
   * that they had together, and all others stay where they are.
   *
   * @throws Problem 400 for a child named twice, 404 for one who is not in the class
   */
  @Transactional
  void order(long classId, List<Long> children) {
    classes.hold(classId);
    if (new HashSet<>(children).size() < children.size()) {
      throw Problem.badRequest("A child is named twice. Name each once.");
    }
    List<EnrolmentRow> rows = children.stream().map(c -> enrolment(classId, c)).toList();
    List<Integer> places = rows.stream().map(EnrolmentRow::place).sorted().toList();
    for (int i = 0; i < rows.size(); i++) {
      rows.get(i).stand(places.get(i));
    }
  }

  private EnrolmentRow enrolment(long classId, long pupilId) {
    return enrolments
        .findByClassIdAndPupilId(classId, pupilId)
        .orElseThrow(() -> Problem.notFound("There is no child " + pupilId + " in this class."));
  }

  private Set<String> namesIn(List<Enrolled> known) {
    LocalDate today = LocalDate.now(clock);
    return known.stream()
        .filter(e -> e.isThereOn(today))
        .map(Enrolled::name)
        .collect(Collectors.toCollection(HashSet::new));
  }

  private static String clean(String name, Set<String> taken) {
    String clean = ChildName.of(name);
    if (taken.contains(clean)) {
      throw Problem.badRequest(
          "'" + clean + "' is there twice. Add a letter or use a code to tell them apart.");
    }
    return clean;
  }
}

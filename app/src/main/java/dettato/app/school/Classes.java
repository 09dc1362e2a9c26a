package dettato.app.school;

import dettato.app.account.Accounts;
import dettato.app.account.Teacher;
import dettato.app.problem.Problem;
import dettato.plan.TeachingSequence;
import dettato.sound.Accents;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Classes; each is reachable only by its teachers. */
@Service
@RequiredArgsConstructor
public class Classes {
  private static final int DIFFERENT_WORDS = 2;
  private static final int MINUTES = 20;

  private final ClassRows classes;
  private final ClassTeacherRows teachers;
  private final ProfileRows profiles;
  private final EnrolmentRows enrolments;
  private final Roll roll;
  private final Accounts accounts;
  private final Orders orders;
  private final Clock clock;

  /** The teacher's classes, oldest first. */
  @Transactional(readOnly = true)
  public List<SchoolClass> of(Teacher teacher) {
    return whole(classes.taughtBy(teacher.id()));
  }

  /** Every class there is, for work that no teacher waits for. */
  @Transactional(readOnly = true)
  public List<SchoolClass> all() {
    return whole(classes.everyOne());
  }

  /**
   * One class of the teacher's.
   *
   * @throws Problem 404 when there is none, or it is not this teacher's
   */
  @Transactional(readOnly = true)
  public SchoolClass find(long id, Teacher teacher) {
    return whole(classes.taughtBy(id, teacher.id())).stream()
        .findFirst()
        .orElseThrow(() -> notYours(id));
  }

  private static Problem notYours(long id) {
    return Problem.notFound("You have no class " + id + ".");
  }

  /** Whether a child is, or was, in a class. */
  @Transactional(readOnly = true)
  public boolean hasOrHad(long id, long pupilId) {
    return enrolments.existsByClassIdAndPupilId(id, pupilId);
  }

  /**
   * The same of a class that must be the teacher's, in one look.
   *
   * @throws Problem 404 when there is no such class, or it is not this teacher's
   */
  @Transactional(readOnly = true)
  public boolean hasOrHad(long id, long pupilId, Teacher teacher) {
    return teachers.enrolments(id, teacher.id(), pupilId).orElseThrow(() -> notYours(id)) > 0;
  }

  /**
   * Any class, for work that no teacher asks for.
   *
   * @throws Problem 404 when there is none
   */
  @Transactional(readOnly = true)
  public SchoolClass any(long id) {
    return whole(classes.any(id)).stream()
        .findFirst()
        .orElseThrow(() -> Problem.notFound("There is no class " + id + "."));
  }

  /** The accent of any class. */
  @Transactional(readOnly = true)
  public String accentOf(long id) {
    return profiles.accentOf(id).orElse(Accents.SOUTHERN_BRITISH);
  }

  /** Everyone who is or was in a class of the teacher's. */
  @Transactional(readOnly = true)
  public List<Enrolled> everyone(long id, Teacher teacher) {
    return find(id, teacher).everyone();
  }

  /** Makes a class that has been taught everything; names must be there and differ. */
  @Transactional
  public SchoolClass create(String name, String accent, List<String> names, Teacher teacher) {
    return create(name, accent, names, TeachingSequence.shipped().last(), teacher);
  }

  /** The same for a class that has come to a step. */
  @Transactional
  public SchoolClass create(
      String name, String accent, List<String> names, int step, Teacher teacher) {
    String spoken = Accents.of(accent).id();
    ClassRow row = classes.save(new ClassRow(name.strip()));
    teachers.save(new ClassTeacherRow(row.id(), teacher.id(), ClassTeacherRow.Role.OWNER));
    ProfileRow profile =
        profiles.save(new ProfileRow(row.id(), spoken, step, DIFFERENT_WORDS, MINUTES));
    classes.flush();
    roll.add(row.id(), names, false);
    return whole(List.of(new ClassWithProfile(row, profile))).get(0);
  }

  /** The names of those who teach a class. */
  @Transactional(readOnly = true)
  public List<String> teachersOf(long id, Teacher teacher) {
    find(id, teacher);
    Map<Long, String> names =
        accounts.all().stream().collect(Collectors.toMap(Teacher::id, Teacher::name));
    return teachers.findByClassId(id).stream()
        .map(t -> names.getOrDefault(t.accountId(), ""))
        .sorted()
        .toList();
  }

  /**
   * Lets another teacher have the class too.
   *
   * @throws Problem 404 when nobody has that name
   */
  @Transactional
  public void share(long id, String name, Teacher teacher) {
    find(id, teacher);
    Teacher other = accounts.named(name);
    if (!teachers.existsById(new ClassTeacherRow.Key(id, other.id()))) {
      teachers.save(new ClassTeacherRow(id, other.id(), ClassTeacherRow.Role.SHARES));
    }
  }

  private List<SchoolClass> whole(List<ClassWithProfile> found) {
    LocalDate today = LocalDate.now(clock);
    Map<Long, List<Enrolled>> enrolled =
        found.isEmpty()
            ? Map.of()
            : enrolments.of(found.stream().map(f -> f.row().id()).toList()).stream()
                .collect(Collectors.groupingBy(Enrolled::classId));
    return found.stream()
        .map(
            f ->
                f.profile()
                    .of(f.row(), orders)
                    .with(enrolled.getOrDefault(f.row().id(), List.of()), today))
        .toList();
  }
}

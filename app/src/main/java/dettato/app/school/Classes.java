package dettato.app.school;

import dettato.app.account.Teacher;
import dettato.app.web.Problem;
import dettato.plan.TeachingSequence;
import dettato.sound.Accents;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Classes and their children; a class is reachable only by its teacher. */
@Service
public class Classes {
  private static final int DIFFERENT_WORDS = 2;

  private final ClassRows classes;
  private final PupilRows pupils;

  Classes(ClassRows classes, PupilRows pupils) {
    this.classes = classes;
    this.pupils = pupils;
  }

  /** The teacher's classes, oldest first. */
  @Transactional(readOnly = true)
  public List<SchoolClass> of(Teacher teacher) {
    return classes.findByAccountIdOrderById(teacher.id()).stream().map(this::whole).toList();
  }

  /**
   * One class of the teacher's.
   *
   * @throws Problem 404 when there is none, or it is another teacher's
   */
  @Transactional(readOnly = true)
  public SchoolClass find(long id, Teacher teacher) {
    return classes
        .findByIdAndAccountId(id, teacher.id())
        .map(this::whole)
        .orElseThrow(() -> Problem.notFound("You have no class " + id + "."));
  }

  /** The accent of any class. */
  @Transactional(readOnly = true)
  public String accentOf(long id) {
    return classes.findById(id).map(ClassRow::accent).orElse(Accents.SOUTHERN_BRITISH);
  }

  /** Makes a class; names must be there and differ. */
  @Transactional
  public SchoolClass create(String name, String accent, List<String> names, Teacher teacher) {
    Accents.of(accent);
    Set<String> seen = new HashSet<>();
    List<String> clean = names.stream().map(String::strip).toList();
    for (String pupil : clean) {
      if (pupil.isEmpty() || pupil.length() > 80) {
        throw Problem.badRequest("A child's name has 1 to 80 letters; '" + pupil + "' does not.");
      }
      if (!seen.add(pupil)) {
        throw Problem.badRequest(
            "'" + pupil + "' is there twice. Add a letter or use a code to tell them apart.");
      }
    }
    ClassRow row =
        classes.save(
            new ClassRow(
                teacher.id(),
                name.strip(),
                accent,
                TeachingSequence.shipped().last(),
                DIFFERENT_WORDS));
    List<PupilRow> rows = new ArrayList<>();
    for (int i = 0; i < clean.size(); i++) {
      rows.add(new PupilRow(row.id(), clean.get(i), i));
    }
    pupils.saveAll(rows);
    return whole(row);
  }

  private SchoolClass whole(ClassRow row) {
    return new SchoolClass(
        row.id(),
        row.name(),
        row.accent(),
        row.step(),
        row.differentWords(),
        pupils.findByClassIdOrderByPlace(row.id()).stream()
            .map(p -> new Pupil(p.id(), p.name()))
            .toList());
  }
}

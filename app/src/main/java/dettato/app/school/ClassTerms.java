package dettato.app.school;

import dettato.app.account.Teacher;
import dettato.profile.Terms;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a class calls things. */
@Service
public class ClassTerms {
  private final ClassRows classes;
  private final ProfileRows profiles;

  ClassTerms(ClassRows classes, ProfileRows profiles) {
    this.classes = classes;
    this.profiles = profiles;
  }

  /** Its words; ours when the class is not this teacher's. */
  @Transactional(readOnly = true)
  public Terms of(long id, Teacher teacher) {
    return Terms.of(
        classes
            .taughtBy(id, teacher.id())
            .flatMap(c -> profiles.findById(c.id()))
            .map(p -> p.profile().choices())
            .map(c -> c.terms())
            .orElse(Map.of()));
  }
}

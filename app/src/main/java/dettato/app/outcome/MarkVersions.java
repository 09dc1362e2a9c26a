package dettato.app.outcome;

import java.util.Collection;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** By which version of core each mark was made, and so which are to be made anew. */
@Component
@RequiredArgsConstructor
public class MarkVersions {
  private static final String STALE = "stale";

  /** Stands before the version that could not make a mark; comes after every version. */
  private static final String ASIDE = "~";

  private final MarkRows marks;

  /** How many marks another version made; those set aside are not counted. */
  @Transactional(readOnly = true)
  public int others(String version) {
    return marks.countBefore(version) + marks.countBetween(version, ASIDE);
  }

  /** Some attempts whose marks another version made: two ranges, each of which an index serves. */
  @Transactional(readOnly = true)
  public List<Long> someOthers(String version, int most) {
    List<Long> before = marks.before(version, Limit.of(most));
    return before.isEmpty() ? marks.between(version, ASIDE, Limit.of(most)) : before;
  }

  /** How many could not be marked. */
  @Transactional(readOnly = true)
  public int aside() {
    return marks.countFrom(ASIDE);
  }

  /** Sets one aside that this version cannot mark; the next one tries it again. */
  @Transactional
  public void setAside(long attempt, String version) {
    marks.rename(attempt, ASIDE + version);
  }

  /** Tries again what an earlier version could not mark. */
  @Transactional
  public void tryAgain(String version) {
    marks.renameFrom(ASIDE, ASIDE + version, STALE);
  }

  /** Has the attempts of a class marked anew, when there is time. */
  @Transactional
  public void staleOfClass(long classId) {
    marks.renameOfClass(classId, STALE);
  }

  /** Has the attempts at these words marked anew, alone or in a sentence, when there is time. */
  @Transactional
  public void staleOfWords(Collection<String> targets) {
    marks.renameOfWords(targets, STALE);
  }
}

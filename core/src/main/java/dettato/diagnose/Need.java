package dettato.diagnose;

import dettato.mark.Result;
import dettato.rule.RuleBook;
import java.util.Collection;
import java.util.Optional;

/** What a misspelling needs, since each wants different teaching. */
public enum Need {
  /** A sound was left out, added, moved or taken for another. */
  HEARING,
  /** Every sound has letters, but not those that are due. */
  CHOOSING,
  /** An ending or the parts of a word were joined otherwise. */
  BUILDING;

  /**
   * The first need of an attempt: the join before the sounds, and those before the letters.
   *
   * @param failedRules ids of the rules it fails
   * @return empty when nothing is wrong, or nothing was written
   */
  public static Optional<Need> of(Result result, Collection<String> failedRules) {
    return switch (result) {
      case RIGHT, BLANK, ABSENT -> Optional.empty();
      case SOUND_ERROR, READS_RIGHT, READS_OTHERWISE ->
          Optional.of(
              failedRules.stream().anyMatch(RuleBook::joins)
                  ? BUILDING
                  : result == Result.SOUND_ERROR ? HEARING : CHOOSING);
    };
  }
}

package dettato.app.engine;

import java.util.Set;

/**
 * Says that a school's own words are new, other or gone, so that what was derived from them is
 * derived anew.
 */
public record OwnWordsChanged(Set<String> spellings) {
  public OwnWordsChanged {
    spellings = Set.copyOf(spellings);
  }
}

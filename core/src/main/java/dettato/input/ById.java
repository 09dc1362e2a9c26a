package dettato.input;

import java.util.Collection;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Finds one of a few things by its id. */
public final class ById {
  private ById() {}

  /**
   * The one with this id.
   *
   * @param what they are, as in: there is no …
   * @throws Unacceptable naming those there are
   */
  public static <T> T find(Collection<T> all, Function<T, String> id, String wanted, String what) {
    return all.stream()
        .filter(one -> id.apply(one).equals(wanted))
        .findFirst()
        .orElseThrow(
            () ->
                new Unacceptable(
                    "There is no %s '%s'. Choose one of %s."
                        .formatted(
                            what, wanted, all.stream().map(id).collect(Collectors.joining(", ")))));
  }
}

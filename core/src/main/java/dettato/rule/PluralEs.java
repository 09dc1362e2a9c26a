package dettato.rule;

import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import dettato.word.Join;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** The plural, or he/she/it ending: brushes against books. */
final class PluralEs extends RuleAtUnit {
  private static final Pattern HISS = Pattern.compile(".*(s|x|z|sh|ch)");
  private static final Pattern E_OR_Y = Pattern.compile(".*[ey]");

  PluralEs() {
    super(
        new About(
            "plural-es",
            "es or s",
            "After s, x, z, sh, ch, where the ending is heard as a new beat, it is es; else s.",
            "Can you hear an extra beat? Write es.",
            "The e makes the ending sayable after a hissing sound.",
            "es",
            "s"),
        right("brushes"),
        right("books"),
        under("crashes", "crashs"),
        over("crabs", "crabes"));
  }

  @Override
  Optional<Opportunity> at(Place place) {
    Optional<Join> join =
        place.word().join().filter(j -> j.ending().equals("s") || j.ending().equals("es"));
    if (join.isEmpty()
        || !place.word().cut().isLast(place.index())
        || join.get().change() != Join.Change.NONE) {
      return Optional.empty();
    }
    String base = join.get().base();
    // The e of boxez is there; what it has for /z/ is the other rule's matter.
    if (HISS.matcher(base).matches() && place.sound().equals("KIT+z")) {
      return Optional.of(
          Opportunity.due(
              id(),
              place.index(),
              Set.of("es", "ez"),
              "s",
              base + " ends in a hissing sound and the ending is a new beat, so es is due"));
    }
    return E_OR_Y.matcher(base).matches()
        ? Optional.empty()
        : Optional.of(
            Opportunity.notDue(
                id(),
                place.index(),
                Set.of("s"),
                Set.of("es"),
                base + " takes no new beat, so s alone is due"));
  }
}

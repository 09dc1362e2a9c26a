package dettato.rule;

import static dettato.rule.Condition.due;
import static dettato.rule.Condition.notDue;
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

  private static final Condition IN_HISS =
      due(
          "plural-es/hiss",
          "the word ends in a hissing sound and the ending is a new beat, so es is due",
          "Can you hear an extra beat? Write es.",
          right("brushes"),
          under("crashes", "crashs"));
  private static final Condition PLAIN =
      notDue(
          "plural-es/plain",
          "no new beat is heard, so s alone is due",
          "No extra beat: s alone.",
          right("books"),
          over("crabs", "crabes"));
  private static final Condition E =
      notDue(
          "plural-es/e",
          "the word has its e already, so s alone is added",
          "The e is there already: add s alone.",
          right("houses"),
          over("houses", "housees"));
  private static final Condition K =
      notDue(
          "plural-es/k",
          "ch says /k/ here and no new beat is heard, so s alone is due",
          "ch says k and there is no extra beat: s alone.",
          right("stomachs"),
          over("stomachs", "stomaches"));

  PluralEs() {
    super(
        new About(
            "plural-es",
            "es or s",
            "After s, x, z, sh, ch, where the ending is heard as a new beat, it is es; else s.",
            "Can you hear an extra beat? Write es. If not, s.",
            "The e makes the ending sayable after a hissing sound.",
            "es",
            "s"),
        IN_HISS,
        PLAIN,
        E,
        K);
  }

  @Override
  Optional<Opportunity> at(Place place) {
    Optional<Join> join = place.word().join().filter(j -> Set.of("s", "es").contains(j.ending()));
    if (join.isEmpty() || !place.endsWord() || join.get().change() != Join.Change.NONE) {
      return Optional.empty();
    }
    String base = join.get().base();
    boolean newBeat = place.sound().equals("KIT+z");
    if (base.endsWith("e")) {
      return newBeat
          ? Optional.of(
              E.at(place, "es", base + " has its e already, so s alone is due").tooMuch("ees"))
          : Optional.empty();
    }
    // The e of boxez is there; what it has for /z/ is the other rule's matter.
    if (HISS.matcher(base).matches() && newBeat) {
      String why = base + " ends in a hissing sound and the ending is a new beat, so es is due";
      return Optional.of(IN_HISS.at(place, Set.of("es", "ez"), why).plainly("s"));
    }
    boolean k = base.endsWith("ch") && place.follows("k");
    String why = base + " takes no new beat, so s alone is due";
    return Optional.of((k ? K : PLAIN).at(place, "s", why).tooMuch("es"));
  }
}

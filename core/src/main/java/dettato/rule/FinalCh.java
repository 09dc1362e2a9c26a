package dettato.rule;

import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.List;
import java.util.Optional;
import java.util.Set;

/** /tʃ/ at the end: hatch against bench and coach. */
final class FinalCh extends RuleAtUnit {
  @Override
  public String id() {
    return "final-ch";
  }

  @Override
  public String name() {
    return "tch or ch at the end";
  }

  @Override
  public String says() {
    return "/tʃ/ right after one short vowel letter is tch; else ch.";
  }

  @Override
  public String saysToChild() {
    return "Short vowel just before? Write tch.";
  }

  @Override
  public String reason() {
    return "The t doubles ch, and so shows that the vowel is short.";
  }

  @Override
  public List<String> contrast() {
    return List.of("tch", "ch");
  }

  @Override
  Optional<Opportunity> at(Place place) {
    boolean middleTch = place.grapheme().equals("tch") && !place.endsWordOrBase();
    if (!place.sound().equals("tʃ") || !(place.endsWordOrBase() || middleTch)) {
      return Optional.empty();
    }
    return Optional.of(
        place.afterShortVowelLetter()
            ? Opportunity.due(
                id(),
                place.index(),
                Set.of("tch"),
                "one short vowel letter stands right before /tʃ/: tch is due")
            : Opportunity.notDue(
                id(),
                place.index(),
                Set.of("ch"),
                Set.of("tch"),
                "no single short vowel letter stands right before /tʃ/: ch is due"));
  }

  @Override
  public List<Example> examples() {
    return List.of(
        right("hatch"),
        right("bench"),
        under("ditch", "dich"),
        over("branch", "brantch"),
        over("coach", "coatch"));
  }
}

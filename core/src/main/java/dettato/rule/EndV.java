package dettato.rule;

import static dettato.rule.Condition.due;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;

/** /v/ at the end: give, sleeve, twelve. */
final class EndV extends RuleAtUnit {
  private static final Condition SHORT =
      due(
          "end-v/short",
          "/v/ ends the word after one short vowel letter, so ve is due",
          "Never leave v at the end: put an e after it, a short vowel or not.",
          right("give"),
          under("have", "hav"));
  private static final Condition LONG =
      due(
          "end-v/long",
          "/v/ ends the word after a long vowel, so ve is due",
          "Never leave v at the end: put an e after it.",
          right("sleeve"),
          under("leave", "leav"));
  private static final Condition CONSONANT =
      due(
          "end-v/consonant",
          "/v/ ends the word after a consonant, so ve is due",
          "Never leave v at the end: put an e after it.",
          right("twelve"),
          under("solve", "solv"));

  EndV() {
    super(
        new About(
            "end-v",
            "ve at the end",
            "No word ends in v: /v/ at the end is ve.",
            "Never leave v at the end: put an e after it.",
            "English words do not end in v.",
            "ve",
            "v"),
        SHORT,
        LONG,
        CONSONANT);
  }

  /** Where the e belongs to a split digraph (gave), leaving it out is a fact of that. */
  @Override
  Optional<Opportunity> at(Place place) {
    boolean plain = place.sound().equals("v") && place.endsPart() && !place.inEnding();
    boolean dropped = place.nextLetter() != ' ' && !place.spelled("ve");
    Before before = Before.of(place);
    if (!plain || before == Before.SPLIT || dropped) {
      return Optional.empty();
    }
    Condition condition =
        switch (before) {
          case SHORT, WEAK -> SHORT;
          case CONSONANT -> CONSONANT;
          default -> LONG;
        };
    String why = "/v/ ends the word, and " + before.says(place) + ", so ve is due";
    return Optional.of(condition.at(place, "ve", why).plainly("v"));
  }
}

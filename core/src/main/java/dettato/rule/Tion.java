package dettato.rule;

import static dettato.rule.Condition.due;
import static dettato.rule.Condition.notDue;
import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** /ʃən/ at the end: station, mission, magician; /ʒən/: vision. */
final class Tion extends RuleAtUnit {
  private static final Condition T =
      due(
          "tion/t",
          "the word ends in /ʃən/, so tion is due",
          "Hear shun at the end? Try tion first.",
          right("station"),
          under("station", "stashon"));
  private static final Condition SS =
      notDue(
          "tion/ss",
          "it is made from a word in ss or mit, so ssion is due",
          "From a word with ss or mit: write ssion.",
          right("mission"),
          over("mission", "mition"));
  private static final Condition CIAN =
      notDue(
          "tion/cian",
          "it is a person's work or made from a word in c, so cian is due",
          "A person who does it: write cian.",
          right("magician"),
          over("musician", "musitian"));
  private static final Condition S =
      notDue(
          "tion/s",
          "the ending says /ʒən/, so sion is due",
          "Hear zhun at the end? Write sion.",
          right("vision"),
          over("vision", "vition"));

  Tion() {
    super(
        new About(
            "tion",
            "tion and its kin",
            "/ʃən/ at the end is tion; ssion after a short vowel in words from a base in ss or mit; cian for people's work; /ʒən/ is sion.",
            "Hear shun at the end? Try tion first.",
            "The ending keeps the t, ss or c of the word it was made from.",
            "ti",
            "ssi ci si"),
        T,
        SS,
        CIAN,
        S);
  }

  @Override
  Optional<Opportunity> at(Place place) {
    boolean last = place.index() + 2 < place.word().cut().size();
    if (!last
        || !place.precedes("commA")
        || !new Place(place.word(), place.index() + 1).precedes("n")
        || !new Place(place.word(), place.index() + 2).endsPart()) {
      return Optional.empty();
    }
    if (place.sound().equals("ʒ")) {
      return Optional.of(S.at(place, "si", S.says()).tooMuch("ti"));
    }
    if (!place.sound().equals("ʃ")) {
      return Optional.empty();
    }
    boolean other = place.spelled(Set.of("ci", "ssi"));
    Condition kin = place.spelled("ci") ? CIAN : SS;
    return Optional.of(
        other
            ? kin.at(place, place.grapheme(), kin.says()).tooMuch("ti").leftOutBy("sh")
            : T.at(place, "ti", T.says()).plainly("sh"));
  }
}

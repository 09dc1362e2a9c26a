package dettato.rule;

import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** /ʃən/ at the end: station, mission, magician; /ʒən/: vision. */
final class Tion extends RuleAtUnit {
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
        right("station"),
        right("mission"),
        right("magician"),
        right("vision"),
        under("station", "stashon"),
        over("mission", "mition"));
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
      return notDue(place, Set.of("si"), Set.of("ti"), "the ending says /ʒən/, so sion is due");
    }
    if (!place.sound().equals("ʃ")) {
      return Optional.empty();
    }
    boolean person = place.spelled(Set.of("ci"));
    boolean fromSs = place.spelled(Set.of("ssi"));
    return person || fromSs
        ? notDue(
                place,
                Set.of(place.grapheme()),
                Set.of("ti"),
                person
                    ? "it is a person's work or a word made from one in c, so cian is due"
                    : "it is made from a word in ss or mit, so ssion is due")
            .map(o -> o.leftOutBy("sh"))
        : due(place, Set.of("ti"), "sh", "the word ends in /ʃən/, so tion is due");
  }
}

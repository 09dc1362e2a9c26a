package dettato.rule;

import static dettato.rule.Condition.due;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** The ending s even when heard as /z/: beds, bees. */
final class PluralSZ extends RuleAtUnit {
  private static final Condition VOICED =
      due(
          "plural-s-z/voiced",
          "the /z/ after a consonant is an ending, so s is due",
          "More than one, or he does it: write s, even if you hear z.",
          right("beds"),
          right("runs"),
          under("hens", "henz"));
  private static final Condition VOWEL =
      due(
          "plural-s-z/vowel",
          "the /z/ after a vowel is an ending, so s is due",
          "More than one, or he does it: write s, even if you hear z.",
          right("bees"),
          under("toys", "toyz"));
  private static final Condition VOICELESS =
      due(
          "plural-s-z/voiceless",
          "the /s/ is an ending, so s is due",
          "More than one, or he, she, it does it: write s.",
          right("cats"),
          under("books", "bookz"));
  private static final Condition NEW_BEAT =
      due(
          "plural-s-z/new-beat",
          "the /z/ of a new beat is an ending, so es is due",
          "An extra beat: es, even if you hear z.",
          right("brushes"),
          under("boxes", "boxez"));

  PluralSZ() {
    super(
        new About(
            "plural-s-z",
            "s that says /z/",
            "The plural or he/she/it ending is s even when heard as /z/.",
            "More than one, or he, she, it does it? Write s, even if you hear z.",
            "The ending keeps one spelling so that it keeps one meaning.",
            "s",
            "z"),
        VOICED,
        VOWEL,
        NEW_BEAT,
        VOICELESS);
  }

  @Override
  Optional<Opportunity> at(Place place) {
    boolean ending = place.join(Set.of("s", "es")).isPresent() && place.endsWord();
    boolean afterVowel = place.before().filter(u -> u.sound().isVowel()).isPresent();
    return switch (ending ? place.sound() : "") {
      case "z" ->
          Optional.of(at(afterVowel ? VOWEL : VOICED, place, "s").leftOutBy("z", "zz", "ze"));
      case "KIT+z" -> Optional.of(at(NEW_BEAT, place, "es").leftOutBy("ez"));
      case "s" ->
          Optional.of(
              VOICELESS
                  .at(
                      place,
                      place.grapheme(),
                      "the /s/ is the ending of "
                          + place.word().join().orElseThrow().base()
                          + ", so s is due")
                  .leftOutBy("z", "zz"));
      default -> Optional.empty();
    };
  }

  private static Opportunity at(Condition condition, Place place, String ending) {
    String base = place.word().join().orElseThrow().base();
    return condition.at(place, ending, "the /z/ is the ending of " + base + ", so s is due");
  }
}

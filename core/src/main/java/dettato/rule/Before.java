package dettato.rule;

import dettato.sound.Sound;
import dettato.word.Join;
import dettato.word.Unit;
import java.util.Optional;

/** What stands right before a consonant: the question that all doubling rules share. */
enum Before {
  /** One letter that spells a short vowel: duck, grass. */
  SHORT,
  /** One letter that spells a weak vowel: hammock. */
  WEAK,
  /** One letter that spells a long vowel, as the silent e at the end says: cake, baking. */
  SPLIT,
  /** One letter that spells a long vowel, with no e to say so: control. */
  LONG,
  /** A vowel written with r: park. */
  R,
  /** A vowel of two letters or more, long or short: week, book. */
  TEAM,
  /** Another consonant: milk. */
  CONSONANT,
  /** Nothing: the word begins here. */
  NOTHING;

  static Before of(Place place) {
    Optional<Unit> before = place.before();
    if (before.isEmpty()) {
      return NOTHING;
    }
    Unit unit = before.get();
    if (!unit.sound().isVowel()) {
      return CONSONANT;
    }
    if (unit.isShortVowelLetter()) {
      return SHORT;
    }
    String letters = unit.grapheme().text();
    if (unit.grapheme().isSplit()) {
      return SPLIT;
    }
    if (unit.sound().kind() == Sound.Kind.RHOTIC || letters.endsWith("r")) {
      return R;
    }
    if (letters.length() > 1) {
      return TEAM;
    }
    if (unit.sound().kind() == Sound.Kind.WEAK) {
      return WEAK;
    }
    boolean dropped =
        place.word().join().filter(j -> j.change() == Join.Change.E_DROPPED).isPresent();
    return dropped && place.endsBase() ? SPLIT : LONG;
  }

  /** What stands before the consonant at a place, its very letters named. */
  String says(Place place) {
    String sound = "/" + place.sound().replace("+", "") + "/";
    String letters = place.before().map(u -> u.grapheme().text()).orElse("");
    return switch (this) {
      case SHORT -> {
        boolean heardShort = place.before().orElseThrow().sound().kind() == Sound.Kind.SHORT;
        yield "one %svowel letter, %s, stands right before %s"
            .formatted(heardShort ? "short " : "", letters, sound);
      }
      case WEAK -> "one letter, " + letters + ", spells the weak vowel before " + sound;
      case SPLIT -> "the silent e makes the vowel before " + sound + " long";
      case LONG -> "the vowel letter before " + sound + ", " + letters + ", is long";
      case R -> "the vowel before " + sound + " is written with r, " + letters;
      case TEAM -> "two letters, " + letters + ", spell the vowel before " + sound;
      case CONSONANT ->
          (new Place(place.word(), place.index() - 1).afterShortVowelLetter()
                      ? "a consonant, %s, stands between the short vowel and "
                      : "a consonant, %s, stands right before ")
                  .formatted(letters)
              + sound;
      case NOTHING -> "no vowel stands before " + sound;
    };
  }
}

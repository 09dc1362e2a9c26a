package dettato.find;

import dettato.rule.Side;
import java.util.Optional;

/**
 * What words are wanted; every part may be left open, and all that are given must hold.
 *
 * @param pattern letters, with ? for one and * for any number; without either it may stand anywhere
 *     in the word
 * @param sound in IPA of the accent
 * @param grapheme as written in a strip, such as a_e; with a sound, both are meant of one unit
 * @param place where that unit stands
 * @param minSounds least number of sounds; with {@code maxSounds}, 0 leaves them open
 * @param minBeats least number of beats
 * @param cluster where two consonants or more stand together
 * @param side of the rule, when a rule is given
 * @param commonness no rarer than this band, 1 to 5; 0 leaves it open
 * @param step all graphemes taught by this step; a negative one leaves it open
 * @param homophone only words that sound like another
 * @param compound only words made of two
 * @param ending such as ing; only words built with it
 */
public record Query(
    String pattern,
    String sound,
    String grapheme,
    Optional<Place> place,
    int minSounds,
    int maxSounds,
    int minBeats,
    int maxBeats,
    Optional<Place> cluster,
    String rule,
    Optional<Side> side,
    int commonness,
    int step,
    boolean homophone,
    boolean compound,
    String ending) {

  /** Everything. */
  public static final Query ALL =
      new Query(
          "",
          "",
          "",
          Optional.empty(),
          0,
          0,
          0,
          0,
          Optional.empty(),
          "",
          Optional.empty(),
          0,
          -1,
          false,
          false,
          "");
}

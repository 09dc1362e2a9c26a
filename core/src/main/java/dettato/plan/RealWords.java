package dettato.plan;

import dettato.sound.Accent;
import dettato.word.Lexicon;
import dettato.word.Segmentation;
import dettato.word.Unit;
import dettato.word.Word;
import java.util.HashSet;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Tells what a child could take an invented word for: a real one, two, or somebody's name. */
final class RealWords {
  private static final String WEAK = "ə";

  /** A part of two letters counts when its word is as common as this. */
  private static final int EVERYDAY = 2_000;

  private final Lexicon lexicon;
  private final Accent accent;
  private final OtherWords others;
  private final Set<String> heard;
  private final Set<String> undoubled;

  RealWords(Lexicon lexicon, Accent accent, OtherWords others) {
    this.lexicon = lexicon;
    this.accent = accent;
    this.others = others;
    this.heard =
        lexicon.words(accent.id()).stream()
            .map(w -> heard(w.cut()))
            .collect(Collectors.toCollection(HashSet::new));
    this.undoubled =
        lexicon.words(accent.id()).stream()
            .map(w -> undoubled(w.spelling()))
            .collect(Collectors.toCollection(HashSet::new));
  }

  /** Whether letters are a word of either country, or a word or name that hardly anybody meets. */
  boolean isOne(String spelling) {
    return lexicon.find(spelling, "en-GB").isPresent()
        || lexicon.find(spelling, "en-US").isPresent()
        || OtherWords.isAny(spelling);
  }

  /** Whether a word looks or sounds like one, but for doubling, or falls into two. */
  boolean mayBeMeant(Word word) {
    return isOne(word.spelling())
        || undoubled.contains(undoubled(word.spelling()))
        || word.cut().beats() > 1 && fallsApart(word.spelling())
        || isName(word.cut());
  }

  /** As a word, or as one with -ed or -s (pillard, pillared). */
  boolean sounds(Segmentation cut) {
    String all = heard(cut);
    String stem = all.substring(0, all.length() - 1);
    return heard.contains(all) || all.matches(".*[dtzs]") && heard.contains(stem);
  }

  /**
   * How a word sounds, when nobody tells one weak vowel from another (parsil, parcel), nor the last
   * one of eighty from that of see.
   */
  String heard(Segmentation cut) {
    StringBuilder said = new StringBuilder();
    for (int i = 0; i < cut.size(); i++) {
      Unit unit = cut.unit(i);
      said.append(unit.isHardlyHeard() && cut.beats() > 1 ? WEAK : cut.ipa(i, accent));
    }
    return OtherWords.heard(said.toString());
  }

  /** Hardly any three sounds are no name in the world, so that of one beat only the known count. */
  private boolean isName(Segmentation cut) {
    String ipa = cut.ipa(accent);
    return cut.beats() > 1 ? others.isEverSaid(ipa) : others.isSaid(ipa);
  }

  /** Letters as a child has them who never doubles. */
  private static String undoubled(String spelling) {
    return spelling.replaceAll("([b-df-hj-np-tv-z])\\1", "$1");
  }

  /** Two real words that stand together, as in a compound, or share a letter (beable, lettit). */
  private boolean fallsApart(String letters) {
    return IntStream.rangeClosed(2, letters.length() - 2)
        .filter(at -> isPart(letters.substring(0, at)))
        .anyMatch(at -> isPart(letters.substring(at)) || isShared(letters, at));
  }

  private boolean isShared(String letters, int at) {
    return letters.charAt(at) == letters.charAt(at - 1) && isPart(letters.substring(at + 1));
  }

  private boolean isPart(String letters) {
    return lexicon
        .find(letters, accent.id())
        .filter(w -> letters.length() > 2 || w.rank() <= EVERYDAY)
        .isPresent();
  }
}

package dettato.lexicon;

import dettato.word.Aligner;
import dettato.word.Beats;
import dettato.word.Join;
import dettato.word.Segmentation;
import dettato.word.Unit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Cuts a spelling into units by its pronunciation: a compound at its seam first (fire|place), the
 * past ending as a unit of its own, the rest by the aligner; then lexical sets and beats.
 */
final class Segmenter {
  private static final Set<String> HISSES = Set.of("S", "Z", "SH", "ZH", "CH", "JH");

  private final Aligner aligner = new Aligner(Arpabet.realisations());
  private final Joins joins;
  private final Compounds compounds;
  private final Polish polish;

  Segmenter(Joins joins, Compounds compounds, Polish polish) {
    this.joins = joins;
    this.compounds = compounds;
    this.polish = polish;
  }

  /** The cut for these phones; empty when no listed correspondences pair the two. */
  Optional<Segmentation> cut(String spelling, List<String> phones) {
    Optional<Segmentation> cut = polished(spelling, phones);
    return cut.isPresent() ? cut : polished(spelling, Respoken.fully(phones));
  }

  private Optional<Segmentation> polished(String spelling, List<String> whole) {
    List<String> phones = inParts(spelling, whole);
    int seam = seam(spelling);
    boolean doubled =
        joins
            .find(spelling)
            .filter(j -> j.change() == Join.Change.DOUBLED && j.base().endsWith("r"))
            .isPresent();
    return align(spelling, phones)
        .map(
            c -> {
              List<String> stresses = stresses(c, phones);
              Segmentation apart = doubled ? c : RhoticVowels.apart(c, stresses);
              return Beats.cut(polish.apply(apart, stresses(apart, phones), seam), seam);
            });
  }

  private int seam(String spelling) {
    return compounds.find(spelling).map(Compounds.Seam::letters).orElse(-1);
  }

  /** A compound is said as its parts are, with the stresses of the whole. */
  private List<String> inParts(String spelling, List<String> whole) {
    return compounds
        .find(spelling)
        .filter(s -> fits(s, whole))
        .map(
            s -> {
              List<String> parts = new ArrayList<>(s.first());
              parts.addAll(s.second());
              return Phones.withStressOf(parts, whole);
            })
        .orElse(whole);
  }

  private static boolean fits(Compounds.Seam seam, List<String> phones) {
    return seam.first().size() + seam.second().size() == phones.size();
  }

  private Optional<Segmentation> align(String spelling, List<String> phones) {
    Optional<Compounds.Seam> seam = compounds.find(spelling).filter(s -> fits(s, phones));
    if (seam.isEmpty()) {
      return ended(spelling, phones);
    }
    int letters = seam.get().letters();
    int sounds = seam.get().first().size();
    Optional<Segmentation> first = ended(spelling.substring(0, letters), phones.subList(0, sounds));
    Optional<Segmentation> second =
        ended(spelling.substring(letters), phones.subList(sounds, phones.size()));
    if (first.isEmpty() || second.isEmpty()) {
      return ended(spelling, phones);
    }
    List<Unit> units = new ArrayList<>(first.get().units());
    units.addAll(second.get().units());
    return Optional.of(Segmentation.of(spelling, units));
  }

  /**
   * The past ending is always a unit of its own, and so is -es as a beat of its own after a hiss
   * (boxes); the rest is aligned without it.
   */
  private Optional<Segmentation> ended(String spelling, List<String> phones) {
    int size = phones.size();
    if (spelling.endsWith("es")
        && size > 3
        && phones.get(size - 1).equals("Z")
        && phones.get(size - 2).matches("[AI]H0")
        && HISSES.contains(phones.get(size - 3))) {
      Optional<Segmentation> cut = with(spelling, "es", "KIT+z", phones.subList(0, size - 2));
      if (cut.isPresent()) {
        return cut;
      }
    }
    Optional<Join> join = joins.find(spelling);
    String last = phones.get(size - 1);
    boolean asBeat = size > 2 && phones.get(size - 2).matches("[AI]H0");
    boolean past =
        join.isPresent() && join.get().ending().equals("ed")
            || spelling.matches(".+[td]ed") && asBeat;
    if (!past || !(last.equals("T") || last.equals("D"))) {
      return aligner.align(spelling, phones);
    }
    boolean beat =
        phones.size() > 2
            && phones.get(phones.size() - 2).matches("[AI]H0")
            && phones.get(phones.size() - 3).matches("[TD]");
    String sound = beat ? "KIT+d" : last.equals("T") ? "t" : "d";
    int drop = beat ? 2 : 1;
    return with(spelling, "ed", sound, phones.subList(0, size - drop));
  }

  private Optional<Segmentation> with(
      String spelling, String ending, String sound, List<String> stem) {
    return aligner
        .align(spelling.substring(0, spelling.length() - ending.length()), stem)
        .map(
            cut -> {
              List<Unit> units = new ArrayList<>(cut.units());
              units.add(Unit.of(ending, sound));
              return Segmentation.of(spelling, units);
            });
  }

  /** The stress digit of each unit: of its vowel, "" for consonants. */
  private static List<String> stresses(Segmentation cut, List<String> phones) {
    List<String> digits =
        phones.stream()
            .filter(p -> p.matches(".*\\d"))
            .map(p -> p.substring(p.length() - 1))
            .toList();
    List<String> stresses = new ArrayList<>();
    int at = 0;
    for (Unit unit : cut.units()) {
      int vowels =
          unit.sound().isRun()
              ? (int) unit.sound().parts().stream().filter(p -> p.isVowel()).count()
              : unit.sound().isVowel() ? 1 : 0;
      boolean silent = vowels > 0 && at >= digits.size();
      stresses.add(vowels == 0 ? "" : silent ? "0" : digits.get(at));
      at += vowels;
    }
    return stresses;
  }
}

package dettato.word;

import dettato.sound.Correspondence;
import dettato.sound.Correspondences;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Pairs the letters of a word with the phones of a pronunciation at the least total cost, using
 * listed correspondences only: there is no silent-letter fallback.
 *
 * <p>Source: dynamic programming over two sequences as in Wagner and Fischer, "The String-to-String
 * Correction Problem", J. ACM 21(1), 1974; a step here takes one grapheme and the phones of its
 * sound, and a split digraph takes its consonants with it. Ties: the first listed correspondence.
 * Time O(letters × phones × listed correspondences).
 */
public final class Aligner {
  /** How a sound may appear in a pronunciation, and what each appearance costs in points. */
  public record Realisation(List<String> phones, double cost) {
    public Realisation {
      phones = List.copyOf(phones);
    }
  }

  private record Step(Correspondence used, Realisation as) {}

  private record Path(double cost, List<Unit> units) {}

  private final Map<String, List<Step>> stepsByFirstLetters;

  /**
   * @param realisations for each sound id, how it may appear; sounds not listed are never used
   */
  public Aligner(Map<String, List<Realisation>> realisations) {
    Map<String, List<Step>> steps = new HashMap<>();
    for (Correspondence c : Correspondences.all()) {
      for (Realisation r : realisations.getOrDefault(c.sound().id(), List.of())) {
        steps
            .computeIfAbsent(c.grapheme().head().substring(0, 1), k -> new ArrayList<>())
            .add(new Step(c, r));
      }
    }
    this.stepsByFirstLetters = Collections.unmodifiableMap(steps);
  }

  /**
   * The cheapest segmentation, or empty when the listed correspondences cannot pair the two.
   *
   * @param phones as the realisations name them, in order
   */
  public Optional<Segmentation> align(String spelling, List<String> phones) {
    Path best = best(spelling, phones, 0, 0, new HashMap<>());
    return Double.isInfinite(best.cost)
        ? Optional.empty()
        : Optional.of(Segmentation.of(spelling, best.units));
  }

  private Path best(
      String spelling, List<String> phones, int letter, int phone, Map<Integer, Path> known) {
    if (letter == spelling.length()) {
      return new Path(phone == phones.size() ? 0 : Double.POSITIVE_INFINITY, List.of());
    }
    int key = letter * 1000 + phone;
    Path seen = known.get(key);
    if (seen != null) {
      return seen;
    }
    Path best = new Path(Double.POSITIVE_INFINITY, List.of());
    for (Step step :
        stepsByFirstLetters.getOrDefault(spelling.substring(letter, letter + 1), List.of())) {
      for (Path tried : continuations(step, spelling, phones, letter, phone, known)) {
        best = tried.cost < best.cost ? tried : best;
      }
    }
    known.put(key, best);
    return best;
  }

  private List<Path> continuations(
      Step step,
      String spelling,
      List<String> phones,
      int letter,
      int phone,
      Map<Integer, Path> known) {
    String head = step.used.grapheme().head();
    if (!spelling.startsWith(head, letter) || !says(phones, phone, step.as)) {
      return List.of();
    }
    int nextLetter = letter + head.length();
    int nextPhone = phone + step.as.phones().size();
    if (isEnding(step) && !isOver(spelling, nextLetter)) {
      return List.of();
    }
    if (!step.used.grapheme().isSplit()) {
      Path rest = best(spelling, phones, nextLetter, nextPhone, known);
      return List.of(joined(step, List.of(), rest));
    }
    return acrossConsonants(step, List.of(), spelling, phones, nextLetter, nextPhone, known);
  }

  /**
   * The ways on after a split digraph's vowel letter: one or two consonants, then its e. The e
   * after a soft g is no part of a split digraph: it is what makes the g soft (c·a·ge).
   */
  private List<Path> acrossConsonants(
      Step vowel,
      List<Step> crossed,
      String spelling,
      List<String> phones,
      int letter,
      int phone,
      Map<Integer, Path> known) {
    List<Path> found = new ArrayList<>();
    if (!crossed.isEmpty() && letter < spelling.length() && spelling.charAt(letter) == 'e') {
      found.add(joined(vowel, crossed, best(spelling, phones, letter + 1, phone, known)));
    }
    if (crossed.size() == 2 || letter >= spelling.length()) {
      return found;
    }
    for (Step next :
        stepsByFirstLetters.getOrDefault(spelling.substring(letter, letter + 1), List.of())) {
      String head = next.used.grapheme().head();
      boolean consonant =
          !next.used.sound().isVowel()
              && !next.used.grapheme().isSplit()
              && !head.endsWith("e")
              && !next.used.sound().id().equals("dʒ");
      boolean runs = crossed.isEmpty() || isRun(crossed.get(0), next);
      if (consonant && runs && spelling.startsWith(head, letter) && says(phones, phone, next.as)) {
        List<Step> more = new ArrayList<>(crossed);
        more.add(next);
        found.addAll(
            acrossConsonants(
                vowel,
                more,
                spelling,
                phones,
                letter + head.length(),
                phone + next.as.phones().size(),
                known));
      }
    }
    return found;
  }

  /** The ending -es and the beat in rhythm stand at the end only. */
  private static boolean isEnding(Step step) {
    return step.used.sound().isRun()
        && (step.used.sound().first().id().equals("KIT")
            || step.used.sound().id().equals("commA+m"));
  }

  private static boolean isOver(String spelling, int letter) {
    String rest = spelling.substring(letter);
    return rest.isEmpty() || rest.equals("s");
  }

  /** Only s + t stands inside a split digraph as two sounds (paste). */
  private static boolean isRun(Step first, Step second) {
    return first.used.sound().id().equals("s") && second.used.sound().id().equals("t");
  }

  private static boolean says(List<String> phones, int from, Realisation as) {
    int to = from + as.phones().size();
    return to <= phones.size() && phones.subList(from, to).equals(as.phones());
  }

  private static Path joined(Step first, List<Step> crossed, Path rest) {
    if (Double.isInfinite(rest.cost)) {
      return rest;
    }
    double cost = rest.cost + price(first);
    List<Unit> units = new ArrayList<>();
    units.add(unit(first));
    for (Step step : crossed) {
      cost += price(step);
      units.add(unit(step));
    }
    units.addAll(rest.units);
    return new Path(cost, units);
  }

  private static Unit unit(Step step) {
    return new Unit(step.used.sound(), step.used.grapheme(), Unit.Stress.NONE, false);
  }

  /** Points: a rarer correspondence costs more, and a longer grapheme saves a unit. */
  private static double price(Step step) {
    return switch (step.used.use()) {
          case COMMON -> 1.0;
          case SOME -> 1.3;
          case RARE -> 1.8;
          case ODD -> 3.0;
        }
        + step.as.cost();
  }
}

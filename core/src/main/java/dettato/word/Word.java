package dettato.word;

import dettato.sound.Accent;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * A word of the lexicon.
 *
 * @param cut its segmentation
 * @param rank its place in order of commonness, 1 the commonest
 * @param join how it is built, when from a base and an ending
 * @param inner how its base is built in turn, the last ending first (careless|ly: care + less)
 * @param use whether it may be proposed to a class, or only marked when a teacher types it
 * @param pos parts of speech: n v a r, f for function words, p for a first name
 * @param irregular indices of the units to be known by heart
 * @param clue a short meaning to say before dictating it; "" when there is none
 * @param seam index of the letter at which a compound's second word begins (sea|shell); -1 when it
 *     is none
 * @param apostrophe index of the letter before which an apostrophe is written (don|t); -1 when none
 *     is: it belongs to no unit, since it stands for no sound
 * @param region where this spelling belongs, when the other side of the ocean spells it otherwise
 */
public record Word(
    Segmentation cut,
    int rank,
    Optional<Join> join,
    List<Join> inner,
    Use use,
    String pos,
    Set<Integer> irregular,
    String clue,
    int seam,
    int apostrophe,
    Optional<Region> region) {

  private static final String NAME = "p";

  /**
   * Whose spelling a word is, and how the others spell it.
   *
   * @param country GB or US
   * @param twin the other's spelling
   */
  public record Region(String country, String twin) {}

  /** Whether the planner may propose the word. */
  public enum Use {
    CHOOSE,
    KNOW,
    /** No real word: every legal spelling of its sounds is right. */
    INVENTED
  }

  public Word {
    inner = List.copyOf(inner);
    irregular = Set.copyOf(irregular);
    if (apostrophe == 0 || apostrophe >= cut.spelling().length()) {
      throw new IllegalArgumentException(
          "an apostrophe stands between two letters, not at "
              + apostrophe
              + " of "
              + cut.spelling());
    }
  }

  /**
   * A school's own word: as common as the commonest when it may be proposed, since the school chose
   * it.
   */
  public static Word own(Segmentation cut, Use use, String clue) {
    return new Word(
        cut, 1_000, Optional.empty(), List.of(), use, "", Set.of(), clue, -1, -1, Optional.empty());
  }

  /** A word outside the lexicon, made of two that are in it. */
  public static Word compound(Segmentation cut, int seam) {
    return outside(cut, "", seam, -1);
  }

  /** A first name. */
  public static Word name(Segmentation cut) {
    return outside(cut, NAME, -1, -1);
  }

  /** The same word as a name or a month, which has a capital (March, Rose). */
  public Word asName() {
    return new Word(cut, rank, join, inner, use, NAME, irregular, clue, seam, apostrophe, region);
  }

  /** Whether it is meant as a name, which has a capital. */
  public boolean isName() {
    return pos.equals(NAME);
  }

  /** A word made up for practice. */
  public static Word invented(Segmentation cut) {
    return own(cut, Use.INVENTED, "");
  }

  /** A word outside the lexicon, known by its cut alone. */
  public static Word of(Segmentation cut) {
    return of(cut, -1);
  }

  /** A word outside the lexicon, with the place of its apostrophe. */
  public static Word of(Segmentation cut, int apostrophe) {
    return outside(cut, "", -1, apostrophe);
  }

  private static Word outside(Segmentation cut, String pos, int seam, int apostrophe) {
    return new Word(
        cut,
        Integer.MAX_VALUE,
        Optional.empty(),
        List.of(),
        Use.KNOW,
        pos,
        Set.of(),
        "",
        seam,
        apostrophe,
        Optional.empty());
  }

  /** The same word, built with this join instead of its last. */
  public Word builtWith(Join one) {
    return new Word(
        cut,
        rank,
        Optional.of(one),
        List.of(),
        use,
        pos,
        irregular,
        clue,
        seam,
        apostrophe,
        region);
  }

  /** The same word, whose base is built so in turn. */
  Word onBase(List<Join> joins) {
    return new Word(cut, rank, join, joins, use, pos, irregular, clue, seam, apostrophe, region);
  }

  /**
   * What an s was added to, as a word of its own, where that is built of parts itself (killer of
   * killers).
   */
  public Optional<Word> withoutS() {
    int last = cut.size() - 1;
    boolean s =
        !inner.isEmpty()
            && join.filter(j -> j.change() == Join.Change.NONE && j.ending().equals("s"))
                .isPresent()
            && cut.unit(last).grapheme().text().equals("s");
    if (!s || apostrophe >= 0) {
      return Optional.empty();
    }
    Segmentation base = Segmentation.of(join.get().base(), cut.units().subList(0, last));
    List<Join> rest = inner.stream().skip(1).map(j -> j.inside(-1)).toList();
    Optional<Join> own = Optional.of(inner.get(0).inside(-1));
    return Optional.of(
        new Word(base, rank, own, rest, use, pos, irregular, clue, seam, -1, region));
  }

  /** The join whose base ends with this unit. */
  public Optional<Join> joinAt(int unit) {
    return Stream.concat(join.stream(), inner.stream())
        .filter(j -> endingUnit(j) == unit + 1)
        .findFirst();
  }

  /** Cheap, since words are looked up often: two readings of one spelling may share it. */
  @Override
  public int hashCode() {
    return cut.hashCode();
  }

  /** As it is written, with its apostrophe. */
  public String spelling() {
    return punctuated(letters());
  }

  /** As it is said before it is dictated: the word, then what it means when it has a clue. */
  public String withClue() {
    return clue.isEmpty() ? spelling() : spelling() + ": " + clue;
  }

  /** Letters with this word's apostrophe, if it has one; counted from the end, as endings are. */
  public String punctuated(String letters) {
    return apostrophe < 0 ? letters : Apostrophe.before(letters, letters().length() - apostrophe);
  }

  /** How many letters stand after its apostrophe, -1 when it has none. */
  public int lettersAfterApostrophe() {
    return apostrophe < 0 ? -1 : letters().length() - apostrophe;
  }

  /** Its letters alone, those of its units. */
  public String letters() {
    return cut.spelling();
  }

  /** Whether it has one beat. */
  public boolean isOneBeat() {
    return cut.beats() == 1;
  }

  /** How common it is: 1 among the thousand commonest words, to 5 for rare ones. */
  public int commonness() {
    return rank <= 1_000 ? 1 : rank <= 3_000 ? 2 : rank <= 8_000 ? 3 : rank <= 20_000 ? 4 : 5;
  }

  /** Whether a class with this accent spells the word so (colour in Britain, color in America). */
  public boolean isSpeltIn(Accent accent) {
    return region.isEmpty() || accent.id().startsWith("en-" + region.get().country());
  }

  /**
   * The first unit that is wholly the ending's, or the number of units when there is none. A unit
   * that both share (ve in leaves, i_e in knives, ie in babies, ll in finally) belongs to the base.
   */
  public int endingUnit() {
    return join.map(this::endingUnit).orElse(cut.size());
  }

  /** The same of an inner join. */
  public int endingUnit(Join one) {
    int letter = letters().length() - one.rest() - one.ending().length();
    int unit = cut.unitAt(letter);
    if (cut.silentE(unit) == letter) {
      return cut.unitAt(letter + 1);
    }
    return cut.start(unit) < letter ? unit + 1 : unit;
  }
}

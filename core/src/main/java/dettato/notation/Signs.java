package dettato.notation;

import dettato.rule.RuleBook;
import dettato.sound.Accent;
import dettato.sound.Sound;
import dettato.sound.Sounds;
import dettato.word.Segmentation;
import dettato.word.Unit;
import dettato.word.Word;
import dettato.word.WrittenBeats;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * The signs that a notation puts on a word, left to right. What is more particular stands in place
 * of what is less: a doubled letter is not also marked as several letters, nor are the sounds in a
 * chunk.
 */
public final class Signs {
  private static final Set<String> SOFT = Set.of("c:s", "ce:s", "g:dʒ", "ge:dʒ");

  private final Notation notation;
  private final Accent accent;
  private final Chunks chunks;

  public Signs(Notation notation, Accent accent, Chunks chunks) {
    this.notation = notation;
    this.accent = accent;
    this.chunks = chunks;
  }

  /**
   * @param focus the unit that the session is about, -1 for none
   */
  public List<Sign> on(Word word, int focus) {
    List<Chunks.Place> boxed = notation.has(Meaning.CHUNK) ? chunks.in(word) : List.of();
    List<Sign> signs = new ArrayList<>();
    for (Chunks.Place place : boxed) {
      boolean strong = place.from() <= focus && focus < place.to();
      int to =
          place.to() == word.cut().size() ? word.letters().length() : word.cut().start(place.to());
      add(signs, Meaning.CHUNK, word.cut().start(place.from()), to, -1, strong);
    }
    for (int u = 0; u < word.cut().size(); u++) {
      int unit = u;
      if (boxed.stream().noneMatch(p -> p.from() <= unit && unit < p.to())) {
        onUnit(signs, word, u, u == focus);
      }
    }
    ending(signs, word, focus);
    int beat = 0;
    List<WrittenBeats.Part> beats = WrittenBeats.of(word);
    for (WrittenBeats.Part part : beats.subList(0, beats.size() - 1)) {
      beat += part.letters().length();
      add(signs, Meaning.BEAT, beat, beat, -1, false);
    }
    signs.sort(Comparator.comparingInt(Sign::from).thenComparing(Sign::meaning));
    return signs;
  }

  /** What is joined to a base, from the first letter that is not the base's. */
  private void ending(List<Sign> signs, Word word, int focus) {
    int unit = word.endingUnit();
    if (unit < word.cut().size()) {
      add(
          signs,
          Meaning.ENDING,
          word.cut().start(unit),
          word.letters().length(),
          -1,
          focus >= unit);
    }
  }

  private void onUnit(List<Sign> signs, Word word, int unit, boolean strong) {
    Segmentation cut = word.cut();
    int from = cut.start(unit);
    int to = from + cut.unit(unit).grapheme().headLength();
    int apart = cut.silentE(unit);
    int silent = notation.has(Meaning.SILENT) ? silent(signs, cut, unit, strong) : 0;
    int first = from;
    int last = to;
    if (silent > 0) {
      List<Integer> quiet = SilentLetters.of(cut.unit(unit));
      while (quiet.contains(first - from)) {
        first++;
      }
      while (quiet.contains(last - 1 - from)) {
        last--;
      }
    }
    Optional<Meaning> counted = counted(cut.unit(unit), silent);
    if (counted.isPresent()) {
      add(signs, counted.get(), first, last, silent > 0 ? -1 : apart, strong);
    }
    if (isVowel(cut.unit(unit))) {
      add(signs, Meaning.VOWEL, first, last, silent > 0 ? -1 : apart, strong);
    }
    if (isSoft(cut.unit(unit))) {
      add(signs, Meaning.SOFT, from, from + 1, -1, strong);
    }
    if (RuleBook.irregular(word).contains(unit)) {
      add(signs, Meaning.IRREGULAR, from, to, apart, strong);
    }
    List<Integer> quiet = SilentLetters.of(cut.unit(unit));
    if (to - from - quiet.size() == 1 && cut.unit(unit).sound().isVowel()) {
      int vowel = quiet.contains(0) ? from + 1 : from;
      length(cut.unit(unit).sound())
          .ifPresent(meaning -> add(signs, meaning, vowel, vowel + 1, -1, strong));
    }
  }

  /** How a unit's letters are marked for the number of them; empty for no mark. */
  private Optional<Meaning> counted(Unit unit, int silent) {
    String text = unit.grapheme().text();
    int speak = unit.grapheme().letters().length() - silent;
    boolean twice =
        !unit.sound().isVowel() && text.length() == 2 && text.charAt(0) == text.charAt(1);
    Stream<Meaning> all =
        unit.grapheme().isSplit() && silent == 0
            ? Stream.of(Meaning.SPLIT, Meaning.LETTERS, Meaning.SOUND)
            : speak == 1
                ? Stream.of(Meaning.LETTER, Meaning.SOUND)
                : twice
                    ? Stream.of(Meaning.DOUBLE, Meaning.LETTERS, Meaning.SOUND)
                    : Stream.of(Meaning.LETTERS, Meaning.SOUND);
    return all.filter(notation::has).findFirst();
  }

  /** Strikes through what says nothing; returns how many letters that were. */
  private int silent(List<Sign> signs, Segmentation cut, int unit, boolean strong) {
    int at = cut.start(unit);
    List<Integer> places = SilentLetters.of(cut.unit(unit));
    places.forEach(p -> add(signs, Meaning.SILENT, at + p, at + p + 1, -1, strong));
    int apart = cut.silentE(unit);
    if (apart >= 0) {
      add(signs, Meaning.SILENT, apart, apart + 1, -1, strong);
    }
    return places.size() + (apart >= 0 ? 1 : 0);
  }

  /** The le of candle says a vowel and an l; no teacher calls it a vowel. */
  private static boolean isVowel(Unit unit) {
    return unit.sound().isVowel() && !unit.grapheme().text().startsWith("l");
  }

  private static boolean isSoft(Unit unit) {
    return SOFT.contains(unit.grapheme().text() + ":" + unit.sound().id());
  }

  /** Short or long in this accent; weak vowels and those with an r are neither. */
  private Optional<Meaning> length(Sound sound) {
    boolean isShort =
        sound.kind() == Sound.Kind.SHORT
            || sound.id().equals("BATH") && accent.alike(sound, Sounds.of("TRAP"));
    return isShort
        ? Optional.of(Meaning.SHORT_VOWEL)
        : sound.last().kind() == Sound.Kind.LONG
            ? Optional.of(Meaning.LONG_VOWEL)
            : Optional.empty();
  }

  private void add(List<Sign> signs, Meaning meaning, int from, int to, int apart, boolean strong) {
    notation
        .of(meaning)
        .ifPresent(shape -> signs.add(new Sign(shape, meaning, from, to, apart, strong)));
  }
}

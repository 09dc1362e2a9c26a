package dettato.rule;

import dettato.sound.Sound;
import dettato.word.Join;
import dettato.word.Unit;
import dettato.word.Word;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** What stands around one unit of a word: the questions that rules ask. */
record Place(Word word, int index) {
  private static final Pattern MORE_ENDINGS = Pattern.compile("\\G(ings?|hood|yers?)$");

  Unit unit() {
    return word.cut().unit(index);
  }

  String sound() {
    return unit().sound().id();
  }

  String grapheme() {
    return unit().grapheme().text();
  }

  /** Whether the unit's grapheme is one of these. */
  boolean spelled(Set<String> graphemes) {
    return graphemes.contains(grapheme());
  }

  boolean spelled(String grapheme) {
    return grapheme().equals(grapheme);
  }

  Optional<Unit> before() {
    return index == 0 ? Optional.empty() : Optional.of(word.cut().unit(index - 1));
  }

  Optional<Unit> after() {
    return word.cut().isLast(index) ? Optional.empty() : Optional.of(word.cut().unit(index + 1));
  }

  /** Whether this sound stands right before. */
  boolean follows(String sound) {
    return before().filter(u -> u.sound().id().equals(sound)).isPresent();
  }

  /** Whether one of these graphemes stands right before. */
  boolean followsLetters(Set<String> graphemes) {
    return before().filter(u -> graphemes.contains(u.grapheme().text())).isPresent();
  }

  /** Whether this sound stands right after. */
  boolean precedes(String sound) {
    return after().filter(u -> u.sound().id().equals(sound)).isPresent();
  }

  /** Whether a consonant stands right after. */
  boolean beforeConsonant() {
    return after().filter(u -> !u.sound().first().isVowel()).isPresent();
  }

  /** The letter that follows the unit's letters, or a space at the end. */
  char nextLetter() {
    int at = word.cut().start(index) + unit().grapheme().head().length();
    return at < word.spelling().length() ? word.spelling().charAt(at) : ' ';
  }

  /** Whether the unit ends the word, the base before an ending, or a compound's first part. */
  boolean endsPart() {
    return word.cut().isLast(index) || endsBase() || index + 1 == seamUnit();
  }

  /** The same, or what has further endings on it (drawings, boyhood). */
  boolean endsStem() {
    int end = word.cut().start(index) + grapheme().length();
    return endsPart()
        || !unit().grapheme().isSplit() && MORE_ENDINGS.matcher(word.letters()).find(end);
  }

  /** Whether the unit ends the word itself. */
  boolean endsWord() {
    return word.cut().isLast(index);
  }

  /** Whether the unit ends the base before an ending. */
  boolean endsBase() {
    return word.join().isPresent() && index == word.endingUnit() - 1;
  }

  /** The unit at which a compound's second part begins, or -1. */
  int seamUnit() {
    return word.seam() < 0 ? -1 : word.cut().unitAt(word.seam());
  }

  /** Whether one short vowel letter stands right before. */
  boolean afterShortVowelLetter() {
    return before().filter(Unit::isShortVowelLetter).isPresent();
  }

  /** Whether the vowel right before is stressed, or the only one. */
  boolean afterStressedVowel() {
    return before().filter(u -> u.stress() != Unit.Stress.NONE || word.isOneBeat()).isPresent();
  }

  /** Whether the unit belongs to the ending itself. */
  boolean inEnding() {
    return index >= word.endingUnit();
  }

  /** The same, or to that of its base (the ful of carefully). */
  boolean inAnyEnding() {
    return inEnding() || word.inner().stream().anyMatch(j -> index >= word.endingUnit(j));
  }

  /** How the word is built, when its ending is one of these. */
  Optional<Join> join(Set<String> endings) {
    return word.join().filter(j -> endings.contains(j.ending()));
  }

  /** How many vowels stand up to this unit, counted from where its part of a compound begins. */
  long beatsUpTo() {
    int seam = seamUnit();
    return word.cut().units().subList(seam > 0 && index >= seam ? seam : 0, index + 1).stream()
        .filter(u -> u.sound().isVowel())
        .count();
  }

  /** Whether the sound is a vowel that carries a written r. */
  boolean isRhotic() {
    return unit().sound().kind() == Sound.Kind.RHOTIC;
  }
}

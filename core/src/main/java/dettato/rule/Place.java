package dettato.rule;

import dettato.word.Unit;
import dettato.word.Word;
import java.util.Optional;

/** What stands around one unit of a word: the questions that rules ask. */
record Place(Word word, int index) {
  Unit unit() {
    return word.cut().unit(index);
  }

  String sound() {
    return unit().sound().id();
  }

  String grapheme() {
    return unit().grapheme().text();
  }

  Optional<Unit> before() {
    return index == 0 ? Optional.empty() : Optional.of(word.cut().unit(index - 1));
  }

  Optional<Unit> after() {
    return word.cut().isLast(index) ? Optional.empty() : Optional.of(word.cut().unit(index + 1));
  }

  /** The letter that follows the unit's letters, or a space at the end. */
  char nextLetter() {
    int at = word.cut().start(index) + unit().grapheme().head().length();
    return at < word.spelling().length() ? word.spelling().charAt(at) : ' ';
  }

  /** Whether the unit ends the word, or the base before an ending. */
  boolean endsWordOrBase() {
    return word.cut().isLast(index) || endsBase();
  }

  /** Whether the unit ends the base before an ending. */
  boolean endsBase() {
    return word.join().isPresent() && index == word.endingUnit() - 1;
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

  /** How many vowels stand up to this unit. */
  long beatsUpTo() {
    return word.cut().units().subList(0, index + 1).stream()
        .filter(u -> u.sound().isVowel())
        .count();
  }
}

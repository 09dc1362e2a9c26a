package dettato.session;

import dettato.rule.RuleBook;
import dettato.rule.Side;
import dettato.table.Table;
import dettato.word.Word;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * A sentence to dictate, and what its words ask.
 *
 * @param text as it is written, with its marks
 */
record Sentence(String text) {

  /** Ours, kept in {@code sentences.tsv}. */
  static List<Sentence> shipped() {
    return Shipped.ALL;
  }

  private static final class Shipped {
    static final List<Sentence> ALL =
        Table.load(Sentence.class, "sentences.tsv", row -> new Sentence(row.get("sentence")));
  }

  List<String> words() {
    return wordsOf(text);
  }

  /** The words of a text, without its marks. */
  static List<String> wordsOf(String text) {
    return Arrays.stream(text.split("[^A-Za-z'’-]+"))
        .filter(w -> w.chars().anyMatch(Character::isLetter))
        .toList();
  }

  /** Whether neither it nor a word of it is barred. */
  boolean isFree(Set<String> barred) {
    return !barred.contains(text)
        && words().stream().map(w -> w.toLowerCase(Locale.ROOT)).noneMatch(barred::contains);
  }

  boolean hasEndMark() {
    return text.matches(".*[.?!][\"'”’]*");
  }

  /** Whether one of its words has what the focus is about. */
  boolean holds(Focus focus, Material material) {
    return targets(focus, material) > 0;
  }

  /** How many of its words have what the focus is about: the special spelling of a rule. */
  long targets(Focus focus, Material material) {
    return words().stream().map(material.word()).filter(w -> has(focus, w, material)).count();
  }

  /** So many of the commonest words (a, the, was) are read and written whole from early on. */
  private static final int WHOLE = 300;

  /**
   * Graphemes of its words that are not taught yet; those of the commonest words, and of words
   * outside the lexicon, aside.
   */
  List<String> untaught(Material material) {
    return words().stream()
        .flatMap(w -> material.lexicon().find(w, material.accent().id()).stream())
        .filter(w -> w.rank() > WHOLE)
        .flatMap(w -> material.sequence().untaught(w, material.step(), material.accent()).stream())
        .distinct()
        .toList();
  }

  private static boolean has(Focus focus, Word word, Material material) {
    return focus.read(
        new Focus.Cases<>() {
          @Override
          public Boolean rule(String id) {
            return RuleBook.opportunities(word).stream()
                .anyMatch(o -> o.rule().equals(id) && o.side() == Side.DUE);
          }

          @Override
          public Boolean rivals(String sound, List<String> graphemes) {
            return IntStream.range(0, word.cut().size())
                .anyMatch(
                    i ->
                        word.cut().ipa(i, material.accent()).equals(sound)
                            && graphemes.contains(word.cut().unit(i).grapheme().text()));
          }

          @Override
          public Boolean irregular() {
            return RuleBook.broken(word) > 0;
          }
        });
  }
}

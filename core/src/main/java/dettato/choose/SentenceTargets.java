package dettato.choose;

import dettato.focus.Focus;
import dettato.rule.RuleBook;
import dettato.text.ReadSentence;
import dettato.text.Sentence;
import dettato.text.SentenceReader;
import dettato.word.Word;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.IntStream;

/** What a sentence holds of what a session is about. */
public final class SentenceTargets {
  private SentenceTargets() {}

  /** Whether neither it nor a word of it is barred. */
  public static boolean isFree(Sentence sentence, Set<String> barred) {
    return !barred.contains(sentence.text())
        && sentence.words().stream()
            .map(w -> w.toLowerCase(Locale.ROOT))
            .noneMatch(barred::contains);
  }

  /** Whether one of its words has what the focus is about. */
  public static boolean holds(Sentence sentence, Focus focus, Material material) {
    return count(sentence, focus, material) > 0;
  }

  /** How many of its words have what the focus is about: the special spelling of a rule. */
  public static long count(Sentence sentence, Focus focus, Material material) {
    return sentence.words().stream()
        .map(material.word())
        .filter(w -> has(focus, w, material))
        .count();
  }

  /** The same of a sentence that is read already, without reading it again where that tells. */
  public static long count(ReadSentence read, Focus focus) {
    return focus.read(
        new Focus.Cases<>() {
          @Override
          public Long rule(String id) {
            return read.tests().stream()
                .filter(t -> t.rule().equals(id))
                .filter(t -> RuleBook.condition(t.condition()).side().isSpecial())
                .map(ReadSentence.Test::word)
                .distinct()
                .count();
          }

          @Override
          public Long rivals(String sound, List<String> graphemes) {
            return graphemes.stream().filter(g -> read.spells(sound, g)).count();
          }

          @Override
          public Long irregular() {
            return (long) read.irregular();
          }
        });
  }

  /** Graphemes of its words that are not taught yet. */
  public static List<String> untaught(Sentence sentence, Material material) {
    return new SentenceReader(material.lexicon(), material.accent(), material.sequence())
        .read(sentence).untaught(material.step()).stream()
            .flatMap(n -> n.graphemes().stream())
            .distinct()
            .toList();
  }

  /** Whether a word has what the focus is about. */
  public static boolean has(Focus focus, Word word, Material material) {
    return focus.read(
        new Focus.Cases<>() {
          @Override
          public Boolean rule(String id) {
            return RuleBook.opportunities(id, word).anyMatch(o -> o.side().isSpecial());
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

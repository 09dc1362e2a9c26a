package dettato.profile;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.input.Unacceptable;
import dettato.rule.RuleBook;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What things are called. */
class TermsTest {
  private static final Map<String, String> GRAMMAR =
      Terms.kept(Terms.ALL.stream().collect(Collectors.toMap(Terms.Term::id, Terms.Term::grammar)));

  private static String said(String term, String word, String text) {
    return Terms.of(Map.of(term, word)).said(text);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "beat|syllable|How many beats has rabbit?|How many syllables has rabbit?",
        "beat|syllable|Beat by beat|Syllable by syllable",
        "base|root|a one-beat base, based on it|a one-beat root, based on it",
        "ending|suffix|An ending, or two endings|A suffix, or two suffixes",
        "ending|add-on|an ending|an add-on",
        "irregular|tricky|Take an irregular word|Take a tricky word",
        "full-stop|period|Add a full stop, ? or !|Add a period, ? or !",
        "capital|big letter|capital letters and a capital|big letters and a big letter",
        "silent-e|split digraph|spelled with a silent e, so|spelled with a split digraph, so",
        "invented|nonsense|An invented word|A nonsense word",
        "beat|body|two beats|two bodies",
      })
  void aTermIsSaidInEveryForm(String term, String word, String ours, String theirs) {
    assertEquals(theirs, said(term, word, ours));
  }

  @Test
  void nothingChangesWhereNothingIsCalledOtherwise() {
    assertEquals("A silent e.", Terms.of(Terms.kept(Map.of("beat", " beat "))).said("A silent e."));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "full-stop||no word for the full stop",
        "full-stop|  |no word for the full stop",
        "beat|ending|two things",
        "beat|Base|two things",
        "beat|<b>|cannot stand for the beat",
        "beat|a word that is far too long|at most 24",
        "comma|pause|no term",
      })
  void whatIsNoWordForItIsSaid(String term, String word, String says) {
    Unacceptable wrong =
        assertThrows(Unacceptable.class, () -> Terms.kept(Map.of(term, word == null ? "" : word)));
    assertTrue(wrong.getMessage().contains(says), wrong.getMessage());
  }

  private static Stream<String> everythingSaidOfRules() {
    return RuleBook.RULES.stream()
        .flatMap(
            r ->
                Stream.concat(
                    Stream.of(
                        r.about().name(),
                        r.about().says(),
                        r.about().saysToChild(),
                        r.about().reason()),
                    r.conditions().stream().flatMap(c -> Stream.of(c.says(), c.forChild()))))
        .distinct();
  }

  @ParameterizedTest
  @MethodSource("everythingSaidOfRules")
  void rulesAreSaidWhollyInTheWordsOfTheClassAndComeBack(String text) {
    Terms grammar = Terms.of(GRAMMAR);
    String said = grammar.said(text);
    for (String id : GRAMMAR.keySet()) {
      Terms.Term term = Terms.ALL.stream().filter(t -> t.id().equals(id)).findFirst().orElseThrow();
      assertFalse(said.matches("(?i).*\\b" + term.usual() + "s?\\b.*"), said);
    }
    assertEquals(text, grammar.ours(said));
  }
}

package dettato.explain;

import dettato.mark.Mark;
import dettato.mark.RuleMark;
import dettato.rule.IrregularForm;
import dettato.rule.Opportunity;
import dettato.word.Join;
import dettato.word.Word;
import java.util.HashMap;
import java.util.Map;

/** What the sentences of some rules name besides the letters around the place. */
final class RuleWords {
  private RuleWords() {}

  /** The sentence that tells of a broken rule. */
  static String key(Mark mark, RuleMark broken) {
    String condition = broken.at().condition().id();
    String letters = mark.target().cut().unit(broken.at().unit()).grapheme().text();
    if (condition.equals("double-before-ending/one-beat") && letters.endsWith("rr")) {
      return "double-before-ending/r-doubled/UNDER";
    }
    if (condition.startsWith("final-") && !isVowelLetters(before(mark, broken.at().unit()))) {
      condition = condition.replace("/team", "/consonant");
    }
    String exact = condition + "/" + broken.outcome();
    return Sayings.has(exact) ? exact : Sayings.has(condition) ? condition : broken.rule();
  }

  private static String before(Mark mark, int unit) {
    return unit == 0 ? "" : mark.target().cut().unit(unit - 1).grapheme().letters();
  }

  /** Whether a teacher would call all of them vowel letters: ee and ow, not the al of walk. */
  private static boolean isVowelLetters(String letters) {
    return letters.chars().allMatch(c -> "aeiouwy".indexOf(c) >= 0);
  }

  /** Names and what they stand for. */
  static Map<String, String> of(Mark mark, Opportunity at) {
    Map<String, String> words = new HashMap<>();
    Word word = mark.target();
    if (at.rule().equals("keep-stem")) {
      int cut = prefix(word, at);
      words.put("prefix", word.letters().substring(0, cut));
      words.put("rest", word.letters().substring(cut));
    }
    boolean joins = word.join().isPresent();
    if (!joins && at.rule().equals("drop-e")) {
      int end = word.cut().start(at.unit()) + word.cut().unit(at.unit()).grapheme().headLength();
      words.put("base", word.letters().substring(0, end));
      words.put("ending", word.letters().substring(end));
    }
    IrregularForm.base(word).ifPresent(base -> words.put("base", base));
    if (at.rule().equals("f-to-ves") || at.rule().startsWith("plural")) {
      words.put("base", word.join().map(Join::base).orElse(word.spelling()));
    }
    if (at.rule().equals("double-before-ending") || at.rule().startsWith("final-")) {
      String grapheme = word.cut().unit(at.unit()).grapheme().text();
      words.put("last", grapheme.substring(grapheme.length() - 1));
    }
    return words;
  }

  /** Where the prefix ends: for un-, dis- and mis- after its own letters. */
  private static int prefix(Word word, Opportunity at) {
    String id = at.condition().id();
    String name = id.substring(id.indexOf('/') + 1);
    if (word.letters().startsWith(name)) {
      return name.length();
    }
    int start = word.cut().start(at.unit());
    return Math.min(
        word.letters().length(), start + (at.condition().id().endsWith("no-double") ? 1 : 0));
  }
}

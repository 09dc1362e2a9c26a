package dettato.mark;

import dettato.mark.SentenceMarker.Convention;
import dettato.mark.SentenceMarker.Kind;
import dettato.mark.SentenceMarker.WordMark;
import dettato.rule.Outcome;
import dettato.word.Apostrophe;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Judges the conventions of writing in a sentence whose words are aligned. */
final class Conventions {
  private static final String ENDS = ".?!";

  private final String target;
  private final String attempt;
  private final List<WordMark> words;
  private final Map<String, Convention> found = new LinkedHashMap<>();

  private Conventions(String target, String attempt, List<WordMark> words) {
    this.target = Tokens.straight(target).strip();
    this.attempt = Tokens.straight(attempt).strip();
    this.words = words;
  }

  /** One for each convention that the sentence asks for, or that the attempt breaks. */
  static List<Convention> of(String target, String attempt, List<WordMark> words) {
    return new Conventions(target, attempt, words).all();
  }

  private List<Convention> all() {
    boolean nothing = Tokens.of(attempt).isEmpty();
    note("capital-start", nothing ? Outcome.UNTESTED : start(), "");
    if (!nothing) {
      capitals();
      apostrophes();
      spaces();
      order();
    }
    endMark(nothing);
    if (target.contains("\"") || attempt.contains("\"")) {
      note("speech-marks", nothing ? Outcome.UNTESTED : counted('"'), "");
    }
    return new ArrayList<>(found.values());
  }

  /** A failure stands before what was kept, and gathers the words it shows on. */
  private void note(String rule, Outcome outcome, String word) {
    Convention known = found.get(rule);
    boolean failed = outcome.isFailure();
    if (known == null || failed && known.outcome() == Outcome.APPLIED) {
      found.put(rule, new Convention(rule, outcome, at(word, failed)));
    } else if (failed && known.outcome() == outcome) {
      List<String> on = new ArrayList<>(known.words());
      on.addAll(at(word, true));
      found.put(rule, new Convention(rule, outcome, on));
    }
  }

  private static List<String> at(String word, boolean failed) {
    return failed && !word.isEmpty() ? List.of(word) : List.of();
  }

  private Outcome start() {
    return attempt
            .codePoints()
            .filter(Character::isLetter)
            .limit(1)
            .anyMatch(Character::isLowerCase)
        ? Outcome.UNDER
        : Outcome.APPLIED;
  }

  /** The first word is judged by capital-start; so is what stands first in place of a lost one. */
  private void capitals() {
    boolean firstWanted = true;
    boolean firstWritten = true;
    for (WordMark word : words) {
      boolean paired = word.kind() == Kind.MATCH || word.kind() == Kind.SWAPPED;
      if (paired && !firstWanted && !firstWritten) {
        capital(word);
      }
      firstWanted &= word.target().isEmpty();
      firstWritten &= word.written().isEmpty();
    }
  }

  private void capital(WordMark word) {
    boolean due = Character.isUpperCase(word.target().codePointAt(0));
    boolean done = Character.isUpperCase(word.written().codePointAt(0));
    boolean pronoun = word.target().matches("I|I'.*");
    String rule = pronoun ? "capital-i" : "capital-name";
    if (due) {
      note(rule, done ? Outcome.APPLIED : Outcome.UNDER, word.written());
    } else if (done) {
      note("capital-name", Outcome.OVER, word.written());
    }
  }

  private void apostrophes() {
    for (WordMark word : words) {
      int due = Apostrophe.lettersAfter(word.target());
      int done = Apostrophe.lettersAfter(word.written());
      if (word.mark().isEmpty() || due < 0 && done < 0) {
        continue;
      }
      Outcome outcome = due < 0 ? Outcome.OVER : done == due ? Outcome.APPLIED : Outcome.UNDER;
      note("apostrophe", outcome, word.written());
    }
  }

  private void spaces() {
    note("word-space", Outcome.APPLIED, "");
    for (WordMark word : words) {
      if (word.kind() == Kind.JOINED) {
        note("word-space", Outcome.UNDER, word.written());
      } else if (word.kind() == Kind.SPLIT) {
        note("word-space", Outcome.OVER, word.written());
      }
    }
  }

  /** Every word there, once, in order; a word of the child's own stands for the one dictated. */
  private void order() {
    note("word-order", Outcome.APPLIED, "");
    for (WordMark word : words) {
      switch (word.kind()) {
        case MISSING -> note("word-order", Outcome.UNDER, word.target());
        case EXTRA, DOUBLED, SWAPPED -> note("word-order", Outcome.UNDER, word.written());
        default -> {}
      }
    }
  }

  private void endMark(boolean nothing) {
    char due = last(target);
    if (ENDS.indexOf(due) < 0) {
      return;
    }
    char done = last(attempt);
    String inside = attempt.replaceAll("[.?!\"'\\s]+$", "").replaceAll("[^.?!]", "");
    boolean early = !inside.isEmpty() && target.replaceAll("[^.?!]", "").length() == 1;
    note(
        "end-mark",
        nothing
            ? Outcome.UNTESTED
            : done != due ? Outcome.UNDER : early ? Outcome.OVER : Outcome.APPLIED,
        "");
  }

  private static char last(String text) {
    String end = text.replaceAll("[\"'\\s]+$", "");
    return end.isEmpty() ? ' ' : end.charAt(end.length() - 1);
  }

  private Outcome counted(char mark) {
    long due = target.chars().filter(c -> c == mark).count();
    long done = attempt.chars().filter(c -> c == mark).count();
    return done < due ? Outcome.UNDER : done > due ? Outcome.OVER : Outcome.APPLIED;
  }
}

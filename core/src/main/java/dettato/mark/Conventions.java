package dettato.mark;

import dettato.mark.SentenceMarker.Convention;
import dettato.mark.SentenceMarker.Kind;
import dettato.mark.SentenceMarker.WordMark;
import dettato.rule.Outcome;
import dettato.word.Capitals;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Judges the conventions of writing in a sentence whose words are aligned. */
final class Conventions {
  private static final String ENDS = ".?!";
  private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{M}\\p{N}']+");

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
    if (target.contains(",") || attempt.contains(",")) {
      note("comma", nothing ? Outcome.UNTESTED : counted(','), "");
    }
    endMark(nothing);
    if (target.contains("\"") || attempt.contains("\"")) {
      note("speech-marks", nothing ? Outcome.UNTESTED : speech(), "");
    }
    return new ArrayList<>(found.values());
  }

  /**
   * A failure stands before what was kept, and gathers the words it shows on; both ways of failing
   * are told.
   */
  private void note(String rule, Outcome outcome, String word) {
    boolean failedYet =
        found.containsKey(rule + Outcome.UNDER) || found.containsKey(rule + Outcome.OVER);
    if (!outcome.isFailure()) {
      if (!failedYet) {
        found.putIfAbsent(rule, new Convention(rule, outcome, List.of()));
      }
      return;
    }
    found.remove(rule);
    Convention known = found.get(rule + outcome);
    List<String> on = new ArrayList<>(known == null ? List.of() : known.words());
    if (!word.isEmpty()) {
      on.add(word);
    }
    found.put(rule + outcome, new Convention(rule, outcome, on));
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
    int at = 0;
    for (WordMark word : words) {
      boolean paired = word.kind() == Kind.MATCH || word.kind() == Kind.SWAPPED;
      if (paired && !firstWanted && !firstWritten) {
        capital(word, startsInside(at));
      }
      if (paired && !isCapital(word) && word.written().length() > 1) {
        stray(word);
      }
      firstWanted &= word.target().isEmpty();
      firstWritten &= word.written().isEmpty();
      at += Tokens.of(word.target()).size();
    }
  }

  /** Whether a word of the model begins another sentence: a full stop stands before it. */
  private boolean startsInside(int word) {
    int at = 0;
    Matcher found = WORD.matcher(target);
    for (int i = 0; found.find(); i++) {
      if (i == word) {
        return i > 0 && target.substring(at, found.start()).matches("(?s).*[.?!].*");
      }
      at = found.end();
    }
    return false;
  }

  private static boolean isCapital(WordMark word) {
    return word.target().substring(1).chars().anyMatch(Character::isUpperCase);
  }

  /** A capital inside a word that is not all in capitals (cacTus). */
  private void stray(WordMark word) {
    String rest = word.written().substring(1);
    boolean mixed = rest.chars().anyMatch(Character::isLowerCase);
    if (mixed && rest.chars().anyMatch(Character::isUpperCase)) {
      note("capital-name", Outcome.OVER, word.written());
    }
  }

  private void capital(WordMark word, boolean starts) {
    boolean first = word.target().equals(Tokens.of(target).get(0));
    boolean due =
        Character.isUpperCase(word.target().codePointAt(0))
            && (!first || Capitals.mustHave(word.target()));
    boolean done = Character.isUpperCase(word.written().codePointAt(0));
    if (starts && !Capitals.mustHave(word.target())) {
      note("capital-start", done ? Outcome.APPLIED : Outcome.UNDER, word.written());
      return;
    }
    if (!due && word.written().equals(Tokens.of(attempt).get(0))) {
      return;
    }
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
      int due = Tokens.lettersAfterApostrophe(word.target());
      int done = Tokens.lettersAfterApostrophe(word.written());
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
    boolean doubled =
        attempt.matches("(?s).*[.?!]{2,}[\"'\\s]*") && !target.matches("(?s).*[.?!]{2,}.*");
    note(
        "end-mark",
        nothing
            ? Outcome.UNTESTED
            : done != due ? Outcome.UNDER : early || doubled ? Outcome.OVER : Outcome.APPLIED,
        done != due && ENDS.indexOf(done) >= 0 ? String.valueOf(done) : "");
  }

  private static char last(String text) {
    String end = text.replaceAll("[\"'\\s]+$", "");
    return end.isEmpty() ? ' ' : end.charAt(end.length() - 1);
  }

  /** As many as are due, and each after as many words. */
  private Outcome speech() {
    Outcome counted = counted('"');
    boolean same = Tokens.of(target).size() == Tokens.of(attempt).size();
    boolean placed = !same || places(target).equals(places(attempt));
    return counted == Outcome.APPLIED && !placed ? Outcome.UNDER : counted;
  }

  /** How many words stand before each speech mark. */
  private static List<Integer> places(String text) {
    List<Integer> places = new ArrayList<>();
    for (int at = text.indexOf('"'); at >= 0; at = text.indexOf('"', at + 1)) {
      places.add(Tokens.of(text.substring(0, at)).size());
    }
    return places;
  }

  private Outcome counted(char mark) {
    long due = target.chars().filter(c -> c == mark).count();
    long done = attempt.chars().filter(c -> c == mark).count();
    return done < due ? Outcome.UNDER : done > due ? Outcome.OVER : Outcome.APPLIED;
  }
}

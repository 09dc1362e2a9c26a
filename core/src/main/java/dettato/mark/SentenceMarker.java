package dettato.mark;

import dettato.reading.Guess;
import dettato.rule.Outcome;
import dettato.word.Apostrophe;
import dettato.word.Capitals;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Marks a dictated sentence: its words are aligned first, then the conventions of writing are
 * judged, then each word that has a partner. One fact is told once: case, apostrophes, spaces and
 * order never spoil a word's sounds.
 */
public final class SentenceMarker {
  private static final double ANOTHER_WORD = 0.6;

  private final AttemptMarker marker;
  private final Lexicon lexicon;

  /** How a word of the sentence fared. */
  public enum Kind {
    MATCH,
    MISSING,
    EXTRA,
    DOUBLED,
    JOINED,
    SPLIT,
    REPLACED,
    SWAPPED
  }

  /**
   * One word, or several that were joined.
   *
   * @param target the dictated word, "" for an extra one, several with spaces when they were joined
   * @param written what stands for it, "" when nothing does
   * @param mark for words that have a partner
   * @param parts for joined words, the mark of each
   */
  public record WordMark(
      String target, String written, Kind kind, Optional<Mark> mark, List<Mark> parts) {
    public WordMark {
      parts = List.copyOf(parts);
    }

    WordMark(String target, String written, Kind kind, Optional<Mark> mark) {
      this(target, written, kind, mark, List.of());
    }
  }

  /**
   * A convention of writing and whether it was kept.
   *
   * @param words what was written where it failed; empty when it is about the whole
   */
  public record Convention(String rule, Outcome outcome, List<String> words) {
    public Convention {
      words = List.copyOf(words);
    }
  }

  /** The whole sentence. */
  public record SentenceMark(List<WordMark> words, List<Convention> conventions) {
    public SentenceMark {
      words = List.copyOf(words);
      conventions = List.copyOf(conventions);
    }
  }

  public SentenceMarker(AttemptMarker marker, Lexicon lexicon) {
    this.marker = marker;
    this.lexicon = lexicon;
  }

  /** Judges a written sentence; anything a child can write is judged. */
  public SentenceMark mark(String target, String attempt) {
    List<String> wanted = Tokens.of(target);
    List<String> written = Tokens.of(attempt);
    List<WordMark> words = new ArrayList<>();
    for (WordAlignment.Pair pair : new WordAlignment(wanted, written).pairs()) {
      words.addAll(marked(wanted, written, pair));
    }
    List<WordMark> told = MovedWords.toldOnce(words, this::swapped);
    return new SentenceMark(told, Conventions.of(target, attempt, told));
  }

  private List<WordMark> marked(
      List<String> wanted, List<String> written, WordAlignment.Pair pair) {
    int i = pair.wanted();
    int j = pair.written();
    if (pair.wantedCount() == 0) {
      boolean again = j > 0 && written.get(j - 1).equalsIgnoreCase(written.get(j));
      return List.of(
          new WordMark("", written.get(j), again ? Kind.DOUBLED : Kind.EXTRA, Optional.empty()));
    }
    if (pair.writtenCount() == 0) {
      return List.of(new WordMark(wanted.get(i), "", Kind.MISSING, Optional.empty()));
    }
    if (pair.wantedCount() == 2 && pair.writtenCount() == 2) {
      return List.of(
          swapped(wanted.get(i), written.get(j + 1)), swapped(wanted.get(i + 1), written.get(j)));
    }
    if (pair.wantedCount() == 2
        && Contractions.isWrittenOut(written.get(j), wanted.get(i), wanted.get(i + 1))) {
      return List.of(replaced(wanted.get(i) + " " + wanted.get(i + 1), written.get(j)));
    }
    if (pair.wantedCount() > 1) {
      return List.of(joined(wanted.subList(i, i + pair.wantedCount()), written.get(j)));
    }
    if (pair.writtenCount() == 2) {
      String both = written.get(j) + " " + written.get(j + 1);
      if (Contractions.isWrittenOut(wanted.get(i), written.get(j), written.get(j + 1))) {
        return List.of(replaced(wanted.get(i), both));
      }
      return List.of(
          new WordMark(wanted.get(i), both, Kind.SPLIT, Optional.of(markOf(wanted.get(i), both))));
    }
    return List.of(pair(wanted.get(i), written.get(j)));
  }

  /** Another word, or the same said more shortly or written out. */
  private static WordMark replaced(String wanted, String written) {
    return new WordMark(wanted, written, Kind.REPLACED, Optional.empty());
  }

  private WordMark swapped(String wanted, String written) {
    return new WordMark(wanted, written, Kind.SWAPPED, Optional.of(markOf(wanted, written)));
  }

  /** Several words in one: cut where the parts are nearest to the words. */
  private WordMark joined(List<String> wanted, String written) {
    List<Mark> parts = new ArrayList<>();
    List<String> cut = JoinedWords.cut(wanted, written);
    for (int i = 0; i < wanted.size(); i++) {
      parts.add(markOf(wanted.get(i), cut.get(i)));
    }
    return new WordMark(String.join(" ", wanted), written, Kind.JOINED, Optional.empty(), parts);
  }

  private WordMark pair(String wanted, String written) {
    if (Tokens.isUnreadable(written)) {
      return replaced(wanted, written);
    }
    boolean far = Tokens.difference(wanted, written) >= ANOTHER_WORD || holds(wanted, written);
    Optional<Word> other = lexicon.find(Tokens.plain(written), marker.accent().id());
    Mark mark = markOf(wanted, written);
    boolean another = other.filter(w -> far || isMeant(w, mark)).isPresent();
    return another && !spells(mark)
        ? replaced(wanted, written)
        : new WordMark(wanted, written, Kind.MATCH, Optional.of(mark));
  }

  /**
   * Whether a real word that is no far one was meant, and not met by misspelling: it differs at two
   * places at least (smiled for grinned), or both are words of grammar of which neither holds the
   * other's letters (there for they).
   */
  private static boolean isMeant(Word other, Mark mark) {
    if (mark.realWord().filter(Mark.RealWord.ANOTHER::equals).isEmpty()) {
      return false;
    }
    long off =
        mark.units().stream().filter(u -> !u.verdict().represents()).count() + mark.extras().size();
    boolean grammar = other.pos().contains("f") && mark.target().pos().contains("f");
    return off >= 2 && off * 2 > mark.units().size()
        || grammar && off > 0 && !isWithin(other.letters(), mark.target().letters());
  }

  private static boolean isWithin(String one, String other) {
    return UnitForms.isSubsequence(one, other) || UnitForms.isSubsequence(other, one);
  }

  /** cot for caught: another word, but its letters can spell every sound that was dictated. */
  private static boolean spells(Mark mark) {
    return mark.extras().isEmpty() && mark.represented() == mark.units().size();
  }

  /** into for in: the whole word and some letters more. */
  private static boolean holds(String wanted, String written) {
    String word = Tokens.plain(wanted);
    String other = Tokens.plain(written);
    return other.length() >= word.length() + 2 && (other.startsWith(word) || other.endsWith(word));
  }

  private Mark markOf(String wanted, String written) {
    String bare = Tokens.bare(wanted);
    Word word = lexicon.find(bare, marker.accent().id()).orElseGet(() -> guess(bare));
    boolean same = Tokens.plain(wanted).equals(Tokens.plain(written));
    String unpunctuated = Apostrophe.without(written);
    String shown = same ? word.spelling() : word.punctuated(unpunctuated);
    Mark mark = marker.mark(word, Capitals.like(word.spelling(), shown));
    return mark.attempt().contains("'") ? mark.writtenAs(written) : mark;
  }

  /** A number or a word of other letters is taken as a word of one sound, that must be as it is. */
  private static Word guess(String wanted) {
    boolean letters = wanted.chars().anyMatch(c -> c < 128 && Character.isLetter(c));
    return Guess.of(letters ? wanted : "a");
  }
}

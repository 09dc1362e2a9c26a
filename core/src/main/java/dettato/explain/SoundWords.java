package dettato.explain;

import dettato.mark.LetterNames;
import dettato.mark.Mark;
import dettato.mark.UnitMark;
import dettato.mark.Verdict;
import dettato.table.Table;
import dettato.word.Unit;
import dettato.word.Word;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** Which sentence tells what stands for one unit, where no rule does. */
final class SoundWords {
  /** Graphemes with a letter that is not heard, and that letter. */
  private static final Map<String, String> SILENT =
      Map.ofEntries(
          Map.entry("kn", "k"),
          Map.entry("gn", "g"),
          Map.entry("wr", "w"),
          Map.entry("mb", "b"),
          Map.entry("mn", "n"),
          Map.entry("wh", "h"),
          Map.entry("st", "t"),
          Map.entry("ps", "p"),
          Map.entry("rh", "h"),
          Map.entry("lk", "l"),
          Map.entry("lm", "l"),
          Map.entry("lf", "l"),
          Map.entry("bt", "b"),
          Map.entry("bu", "u"),
          Map.entry("gu", "u"),
          Map.entry("gh", "h"),
          Map.entry("sw", "w"),
          Map.entry("sc", "c"),
          Map.entry("dn", "d"),
          Map.entry("lv", "l"),
          Map.entry("ui", "u"));

  private static final Set<String> HABITS =
      Table.load(SoundWords.class, "habits.tsv", row -> row.get("written") + " " + row.get("sound"))
          .stream()
          .collect(Collectors.toUnmodifiableSet());

  private SoundWords() {}

  /**
   * A sentence by its name.
   *
   * @param silent the letter that is not heard; "" when none is
   */
  record Named(Cause cause, String key, String silent) {
    Named(Cause cause, String key) {
      this(cause, key, "");
    }
  }

  static Named of(Mark mark, int unit) {
    UnitMark written = mark.units().get(unit);
    String confusion = written.confusion().orElse("");
    return switch (written.verdict()) {
      case MISSING -> missing(mark, unit, confusion);
      case ALTERNATIVE -> byHeart(mark.target(), unit, written, confusion);
      case PARTIAL -> partly(mark.target(), unit, written.written(), confusion);
      default -> otherwise(mark, unit, written, confusion);
    };
  }

  private static Named missing(Mark mark, int unit, String confusion) {
    boolean ending = unit >= mark.target().endingUnit() && confusion.isEmpty();
    String key = ending ? "missing/ending" : "missing/" + confusion;
    return new Named(Cause.MISSING, Sayings.has(key) ? key : "missing");
  }

  private static Named byHeart(Word word, int unit, UnitMark written, String confusion) {
    String letters = word.cut().unit(unit).grapheme().text();
    String key = "by-heart/" + confusion;
    if (!confusion.isEmpty() && Sayings.has(key)) {
      return new Named(Cause.BY_HEART, key);
    }
    if (unit >= word.endingUnit() && word.join().isPresent()) {
      return new Named(Cause.BY_HEART, "by-heart/ending");
    }
    if (written.written().isEmpty()) {
      return new Named(Cause.BY_HEART, "by-heart/lost");
    }
    if (letters.equals("k") && written.written().equals("c") && isBeforeSoftener(word, unit)) {
      return new Named(Cause.BY_HEART, "by-heart/soft-c");
    }
    if (letters.equals(written.written() + written.written())) {
      return new Named(Cause.BY_HEART, "by-heart/double");
    }
    if (written.written().equals(letters + letters)) {
      return new Named(Cause.BY_HEART, "by-heart/single");
    }
    String silent = SILENT.getOrDefault(letters, "");
    boolean unheard =
        !silent.isEmpty() && written.written().equals(letters.replaceFirst(silent, ""));
    return unheard
        ? new Named(Cause.BY_HEART, "by-heart/silent", silent)
        : new Named(Cause.BY_HEART, "by-heart");
  }

  /** Whether e, i or y comes next, before which c is no k. */
  private static boolean isBeforeSoftener(Word word, int unit) {
    int next = word.cut().start(unit) + 1;
    return next < word.letters().length() && "eiy".indexOf(word.letters().charAt(next)) >= 0;
  }

  private static Named partly(Word word, int unit, String written, String confusion) {
    Unit asked = word.cut().unit(unit);
    if (asked.grapheme().isSplit() && written.equals("e")) {
      return new Named(Cause.MISSING, "sound/e-alone");
    }
    boolean isLong = LetterNames.isNameOf(asked.grapheme().text().substring(0, 1), asked.sound());
    return switch (confusion) {
      case "split-open" ->
          isLong
              ? new Named(Cause.SOUND, "sound/split-open")
              : new Named(Cause.BY_HEART, "by-heart");
      case "swapped" -> new Named(Cause.ORDER, "order/in-unit");
      case "made-up" -> new Named(Cause.BY_HEART, "by-heart/made-up");
      case "letters-missing", "letter-changed", "split-added", "letter-name" ->
          new Named(Cause.SOUND, "sound/" + confusion);
      default -> new Named(Cause.SOUND, "sound/letters-missing");
    };
  }

  private static Named otherwise(Mark mark, int unit, UnitMark written, String confusion) {
    Word word = mark.target();
    if (confusion.equals("mirror")) {
      return new Named(Cause.MIRROR, "sound/mirror");
    }
    // Whoever wrote an English word (fit for feet) brought no letters from elsewhere.
    if (mark.realWord().isEmpty()
        && HABITS.contains(written.written() + " " + word.cut().unit(unit).sound().id())) {
      return new Named(Cause.HABIT, "habit");
    }
    boolean r = unit + 1 < word.cut().size() && word.cut().unit(unit + 1).sound().id().equals("r");
    if (confusion.equals("affrication") && !r) {
      return new Named(Cause.SOUND, "sound/affrication-alone");
    }
    String key = "sound/" + confusion;
    boolean near = written.verdict() == Verdict.NEAR;
    return new Named(Cause.SOUND, Sayings.has(key) ? key : near ? "sound/near" : "sound/other");
  }
}

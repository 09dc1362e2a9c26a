package dettato.explain;

import dettato.mark.Extra;
import dettato.mark.LetterSwap;
import dettato.mark.Mark;
import dettato.mark.Slipped;
import dettato.mark.Swap;
import dettato.mark.Verdict;
import dettato.word.Capitals;
import dettato.word.Word;
import java.util.Locale;

/** What is told of more than one unit: letters too many or turned, gaps, names, other words. */
final class WholeFacts {
  private final Mark mark;
  private final Telling telling;

  WholeFacts(Mark mark, Telling telling) {
    this.mark = mark;
    this.telling = telling;
  }

  void collect() {
    mark.extras().stream().filter(e -> telling.movedTo(e) < 0).forEach(this::extra);
    mark.swaps().forEach(this::swap);
    mark.oddities().stream()
        .filter(o -> !o.equals("apostrophe") || !isCutShort())
        .forEach(this::oddity);
    realWord();
  }

  private void extra(Extra extra) {
    String name = Slipped.name(mark, extra);
    int at = extra.before();
    boolean end = at == mark.units().size();
    String where = at == 0 ? "at the start" : end ? "at the end" : "before the " + grapheme(at);
    boolean again =
        at > 0 && mark.units().get(at - 1).written().endsWith(extra.written())
            || !end && mark.units().get(at).written().startsWith(extra.written());
    String key =
        !name.isEmpty()
            ? "extra/" + name
            : end && extra.written().equals("e")
                ? "extra/silent-e"
                : again ? "extra/again" : "extra";
    telling.tell(
        Cause.EXTRA,
        key,
        telling.whole().with("written", extra.written()).with("where", where),
        -1);
  }

  private void swap(Swap swap) {
    boolean whole = swap.first() == 0 && swap.second() == mark.units().size() - 1;
    String spelling = mark.target().cut().spelling();
    int at = LetterSwap.at(spelling, mark.attempt().strip().toLowerCase(Locale.ROOT));
    Filling filling =
        telling
            .at(swap.first())
            .with("first", at < 0 ? grapheme(swap.first()) : spelling.substring(at, at + 1))
            .with("second", at < 0 ? grapheme(swap.second()) : spelling.substring(at + 1, at + 2));
    boolean silentE = mark.target().cut().silentE(swap.first()) >= 0;
    String key =
        silentE && swap.second() > swap.first() + 1
            ? "order/silent-e"
            : whole && swap.second() > 0 && !isExchange(swap)
                ? "order/whole"
                : swap.first() == swap.second() ? "order/in-unit" : "order/units";
    telling.tell(Cause.ORDER, key, filling, swap.first());
  }

  /** Whether two units stand each in the other's place, all else as it was. */
  private boolean isExchange(Swap swap) {
    StringBuilder exchanged = new StringBuilder();
    for (int i = 0; i < mark.units().size(); i++) {
      int from = i == swap.first() ? swap.second() : i == swap.second() ? swap.first() : i;
      exchanged.append(grapheme(from));
    }
    return exchanged.toString().equals(mark.attempt().strip().toLowerCase(Locale.ROOT));
  }

  /** Whether what follows the word's apostrophe is left out with it. */
  private boolean isCutShort() {
    int after = mark.target().apostrophe();
    return after >= 0
        && mark.units().get(mark.target().cut().unitAt(after)).verdict() == Verdict.MISSING;
  }

  private void oddity(String name) {
    switch (name) {
      case "small-letter" ->
          tell(
              Cause.NAME,
              Capitals.isPronoun(mark.target().spelling()) ? "name/pronoun" : "name/small-letter");
      case "apostrophe" ->
          tell(
              Cause.BY_HEART,
              mark.target().lettersAfterApostrophe() < 0
                  ? "by-heart/no-apostrophe"
                  : "by-heart/apostrophe");
      default -> tell(Cause.SLIP, "slip/" + name);
    }
  }

  private void realWord() {
    mark.realWord().ifPresent(this::realWord);
  }

  private void realWord(Mark.RealWord real) {
    String attempt = mark.attempt().strip();
    Word.Region twin =
        mark.target().region().filter(r -> r.twin().equalsIgnoreCase(attempt)).orElse(null);
    if (twin != null) {
      tell(Cause.VARIANT, twin.country().equals("GB") ? "variant/US" : "variant/GB");
    } else if (mark.target().isName()) {
      tell(Cause.NAME, "name/spelling");
    } else if (real == Mark.RealWord.HOMOPHONE) {
      tell(Cause.OTHER_WORD, "other-word/homophone");
    } else {
      tell(Cause.OTHER_WORD, Ranking.isInstead(mark) ? "other-word/instead" : "other-word");
    }
  }

  private void tell(Cause cause, String key) {
    telling.tell(cause, key, telling.whole(), -1);
  }

  private String grapheme(int unit) {
    return mark.target().cut().unit(unit).grapheme().letters();
  }
}

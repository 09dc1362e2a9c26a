package dettato.rule;

import static dettato.rule.Condition.byHeart;
import static dettato.rule.Condition.due;
import static dettato.rule.Condition.notDue;
import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/**
 * c as /s/, which needs e, i or y next: sand has s, dance keeps its e, and after a long a or i the
 * end is mostly ce (three words in four; case and base have se). Which other words have c before e,
 * i, y and which have s must be known, so sity for city says nothing of the rule.
 */
final class SoftC extends RuleAtUnit {
  private static final Condition KEPT_SOFT =
      due(
          "soft-c/kept-soft",
          "the e keeps c soft, so ce is due",
          "Keep the e: it makes c say s.",
          right("dance"),
          right("fence"),
          under("dance", "danc"));
  private static final Condition END_CE =
      due(
          "soft-c/end-ce",
          "after a long a or i, /s/ at the end is mostly ce",
          "A long a or i, then s at the end? It is mostly ce.",
          right("face"),
          right("racing"),
          under("price", "prise"));
  private static final Condition START =
      byHeart(
          "soft-c/start",
          "the word is known to begin with c",
          "Some words that begin with s are written c. Learn them.",
          right("city"));
  private static final Condition INSIDE =
      byHeart(
          "soft-c/inside",
          "the word is known to have c before e, i or y",
          "Some words have c for s inside. Learn them.",
          right("pencil"));
  private static final Condition HARD_NEXT =
      notDue(
          "soft-c/hard-next",
          "the next letter is no e, i or y, so s is due: c would say /k/",
          "Is e, i or y next? If not, c cannot say s.",
          right("sun"),
          over("sand", "cand"));

  SoftC() {
    super(
        new About(
            "soft-c",
            "c that says /s/",
            "c says /s/ only before e, i, y: before any other letter /s/ is s, a last c keeps an e, and after a long a or i the end is mostly ce. Which other words have c must be known.",
            "Is e, i or y next? Only then can c say s.",
            "Before any other letter, and at the end, c says /k/.",
            "ce",
            "s"),
        KEPT_SOFT,
        END_CE,
        START,
        INSIDE,
        HARD_NEXT);
  }

  @Override
  Optional<Opportunity> at(Place place) {
    if (!place.sound().equals("s") || place.inEnding()) {
      return Optional.empty();
    }
    char next = place.nextLetter();
    if (place.spelled("ce")) {
      return kept(place, next);
    }
    if (place.endsPart() && afterLongAOrI(place) && place.spelled(Set.of("c", "s"))) {
      return Optional.of(
          END_CE
              .at(place, "c", "the vowel before it is a long " + vowel(place) + ", so ce is due")
              .leftOutBy("s"));
    }
    if (place.spelled("c")) {
      return Optional.of(known(place));
    }
    boolean hard = next != ' ' && "eiy'".indexOf(next) < 0 && !doubles(next);
    return place.spelled("s") && hard && !place.endsPart()
        ? Optional.of(
            HARD_NEXT
                .at(
                    place,
                    "s",
                    "the next letter is " + next + ", so s is due: c would say /k/ before it")
                .tooMuch("c"))
        : Optional.empty();
  }

  private static boolean afterLongAOrI(Place place) {
    return Before.of(place) == Before.SPLIT && (place.follows("FACE") || place.follows("PRICE"));
  }

  private static char vowel(Place place) {
    return place.before().orElseThrow().grapheme().text().charAt(0);
  }

  private static Optional<Opportunity> kept(Place place, char next) {
    boolean last = place.endsWord();
    if (!last && "aou".indexOf(next) < 0) {
      return Optional.empty();
    }
    String why = last ? "the e at the end keeps c soft" : "the e keeps c soft before " + next;
    return Optional.of(KEPT_SOFT.at(place, "ce", why + ", so ce is due").leftOutBy("c"));
  }

  /** Where the word is known to have c: whoever writes another letter has broken no rule. */
  private static Opportunity known(Place place) {
    Condition condition = place.index() == 0 ? START : INSIDE;
    return condition.at(
        place, "c", "%s is known to have c, so c is due".formatted(place.word().spelling()));
  }

  /** Before k, c and q a child may well mean /k/ by c (scool). */
  private static boolean doubles(char next) {
    return "ckq".indexOf(next) >= 0;
  }
}

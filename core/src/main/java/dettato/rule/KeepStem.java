package dettato.rule;

import static dettato.rule.Condition.due;
import static dettato.rule.Condition.notDue;
import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import dettato.word.Join;
import dettato.word.Word;
import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;

/** Both parts keep all their letters: unnecessary, careless, teacup; -ful has one l. */
final class KeepStem extends RuleAtUnit {
  /** Endings with a condition of their own. */
  private static final Set<String> NAMED = Set.of("ly", "ness", "ment", "less");

  /** Other endings that start with a consonant and take nothing from the base. */
  private static final Set<String> PLAIN =
      Set.of("ship", "hood", "dom", "some", "ward", "wards", "let", "ling", "ty", "th", "ry");

  private static final Condition UN =
      prefix("un", right("unnecessary"), under("unnoticed", "unoticed"));
  private static final Condition DIS =
      prefix("dis", right("dissatisfied"), under("dissatisfied", "disatisfied"));
  private static final Condition MIS =
      prefix("mis", right("misspell"), under("misspell", "mispell"));
  private static final Condition NO_DOUBLE =
      notDue(
          "keep-stem/no-double",
          "the part before and the part after meet in different letters, so nothing is doubled",
          "Write the first part, then the second: no letter more.",
          right("unlock"),
          over("dislike", "disslike"));
  private static final Condition RE =
      due(
          "keep-stem/re",
          "re- and the word after it both keep all their letters",
          "Write re whole, then the whole word.",
          right("reappear"),
          under("rewrite", "rerite"));
  private static final Condition LY = ending("ly", right("kindly"), under("finally", "finaly"));
  private static final Condition NESS =
      ending("ness", right("meanness"), under("kindness", "kindnes"));
  private static final Condition MENT =
      ending("ment", right("development"), under("government", "goverment"));
  private static final Condition LESS =
      ending("less", right("careless"), under("endless", "endles"));
  private static final Condition BASE_END =
      due(
          "keep-stem/base-end",
          "the base keeps its last letter before the ending",
          "Write the whole word first, then the ending.",
          right("kindness"),
          under("softness", "sofness"));
  private static final Condition COMPOUND =
      due(
          "keep-stem/compound",
          "the word is made of two, and both keep their letters",
          "Two words in one: write both whole.",
          right("teacup"),
          right("lamppost"),
          under("sandpit", "sanpit"));
  private static final Condition FUL =
      notDue(
          "keep-stem/ful",
          "-ful has one l",
          "ful has one l.",
          right("hopeful"),
          over("helpful", "helpfull"));

  KeepStem() {
    super(
        new About(
            "keep-stem",
            "both parts keep their letters",
            "Before -ly, -less, -ness, -ment, after un-, dis-, mis-, re-, and in compounds, both parts keep all their letters and take no more; -ful has one l.",
            "Write the first part whole, then the second part whole. ful has one l.",
            "The eye finds the parts, and so the meaning.",
            "both parts",
            "letters lost or added"),
        UN,
        DIS,
        MIS,
        RE,
        LY,
        NESS,
        MENT,
        LESS,
        BASE_END,
        COMPOUND,
        NO_DOUBLE,
        FUL);
  }

  private static Condition prefix(String prefix, Example... examples) {
    return due(
        "keep-stem/" + prefix,
        prefix + "- keeps all its letters before the same letter",
        "Write " + prefix + " whole, then the whole word.",
        examples);
  }

  private static Condition ending(String ending, Example... examples) {
    return due(
        "keep-stem/" + ending,
        "the base and -" + ending + " both keep all their letters",
        "Write the whole word first, then " + ending + ".",
        examples);
  }

  @Override
  Optional<Opportunity> at(Place place) {
    if (place.word().seam() > 0) {
      return atSeam(place);
    }
    String prefix = Prefixes.of(place.word());
    int meeting = prefix.isEmpty() ? -2 : meeting(place.word(), prefix);
    if (place.index() == meeting) {
      return afterPrefix(place, prefix);
    }
    if (place.index() == meeting + 1 && !prefix.equals("re")) {
      return begins(place, prefix);
    }
    Optional<Join> join = place.word().join();
    if (join.isEmpty()) {
      return Optional.empty();
    }
    String ending = join.get().ending();
    if (ending.equals("ful")) {
      return place.endsWord()
          ? Optional.of(FUL.at(place, "l", "-ful has one l, so l is due").tooMuch("ll"))
          : Optional.empty();
    }
    if (!NAMED.contains(ending) && !PLAIN.contains(ending)) {
      return Optional.empty();
    }
    if (NAMED.contains(ending) && place.endsWord() && place.spelled("ss")) {
      return Optional.of(
          condition(ending)
              .at(place, "ss", "-" + ending + " keeps its letters, so ss is due")
              .leftOutBy("s", ""));
    }
    return place.endsBase() ? atJoin(place, join.get()) : Optional.empty();
  }

  /** finally (the l of both parts in one unit), meanness (one n for each part), kindness. */
  private Optional<Opportunity> atJoin(Place place, Join join) {
    if (place.unit().sound().isVowel() || place.grapheme().endsWith("e")) {
      return Optional.empty();
    }
    char first = join.ending().charAt(0);
    boolean meets = join.base().charAt(join.base().length() - 1) == first;
    boolean own = NAMED.contains(join.ending());
    boolean lastOfBase = !own || Set.of("ness", "less").contains(join.ending()) && !meets;
    boolean clusters =
        join.ending().equals("ment") || !place.before().orElse(place.unit()).sound().isVowel();
    if (!meets && !clusters) {
      return Optional.empty();
    }
    String why =
        meets
            ? join.base() + " and -" + join.ending() + " both keep their " + first
            : join.base() + " keeps its " + place.grapheme() + " before -" + join.ending();
    Condition condition = lastOfBase ? BASE_END : condition(join.ending());
    return kept(condition, place, why);
  }

  /** Where the parts meet: the last unit of the prefix, or what begins the base after re-. */
  private static int meeting(Word word, String prefix) {
    boolean beforeVowel = "aeiou".indexOf(word.letters().charAt(prefix.length())) >= 0;
    return word.cut()
        .unitAt(prefix.equals("re") && !beforeVowel ? prefix.length() : prefix.length() - 1);
  }

  private Optional<Opportunity> afterPrefix(Place place, String prefix) {
    return prefix.equals("re") ? afterRe(place) : afterConsonant(place, prefix);
  }

  /** rewrite and react, whose letters may be lost; repaint could be written no other way. */
  private static Optional<Opportunity> afterRe(Place place) {
    boolean silent = place.grapheme().length() > 1;
    return Optional.of(
        silent || place.unit().sound().isVowel()
            ? keeps(RE, place, "re- and the word after it both keep their letters")
            : notDoubled(place, "re"));
  }

  /** un + n, dis + s, mis + s: the first of the two letters; or a letter that is not doubled. */
  private Optional<Opportunity> afterConsonant(Place place, String prefix) {
    String letter = place.grapheme().substring(0, 1);
    boolean joined = place.spelled(letter + letter);
    if (place.grapheme().length() != 1 && !joined) {
      return Optional.empty();
    }
    boolean meets = joined || place.nextLetter() == letter.charAt(0);
    return meets
        ? kept(condition(prefix), place, "both parts keep their " + letter)
        : Optional.of(notDoubled(place, prefix));
  }

  /** unddress, disslike: a letter that neither part has, where the base begins. */
  private static Optional<Opportunity> begins(Place place, String prefix) {
    String letter = place.grapheme();
    int start = place.word().cut().start(place.index());
    boolean single = letter.length() == 1 && !place.unit().sound().isVowel();
    return single && start == prefix.length() && letter.charAt(0) != prefix.charAt(start - 1)
        ? Optional.of(notDoubled(place, prefix))
        : Optional.empty();
  }

  private static Opportunity notDoubled(Place place, String prefix) {
    String letter = place.grapheme().substring(0, 1);
    return NO_DOUBLE
        .at(place, letter, prefix + "- adds no letter, so one " + letter + " is due")
        .tooMuch(letter + letter);
  }

  private static Optional<Opportunity> atSeam(Place place) {
    boolean touches = place.index() + 1 == place.seamUnit() || place.index() == place.seamUnit();
    if (!touches || place.unit().sound().isVowel()) {
      return Optional.empty();
    }
    String letters = place.grapheme();
    boolean shared =
        place.word().cut().start(place.index()) < place.word().seam()
            && place.word().cut().start(place.index()) + letters.length() > place.word().seam();
    Opportunity whole =
        COMPOUND.at(
            place,
            letters,
            "the word is made of two, and both keep their letters, so " + letters + " is due");
    return Optional.of(shared ? whole.leftOutBy(less(letters)) : whole.leftOutBy(""));
  }

  private static Optional<Opportunity> kept(Condition condition, Place place, String why) {
    return Optional.of(keeps(condition, place, why));
  }

  private static Opportunity keeps(Condition condition, Place place, String why) {
    return condition
        .at(place, place.grapheme(), why + ", so " + place.grapheme() + " is due")
        .leftOutBy(less(place.grapheme()));
  }

  /** The grapheme with one letter less, and nothing at all. */
  private static String[] less(String grapheme) {
    Set<String> less = new LinkedHashSet<>();
    for (int i = 0; i < grapheme.length() && grapheme.length() > 1; i++) {
      less.add(grapheme.substring(0, i) + grapheme.substring(i + 1));
    }
    less.add("");
    return less.toArray(String[]::new);
  }
}

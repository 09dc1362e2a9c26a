package dettato.activity.sort;

import dettato.focus.FocusAt;
import dettato.rule.Opportunity;
import dettato.rule.Side;
import dettato.sound.Accent;
import dettato.word.Word;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Under which head a word stands when words are sorted by a rule. A head is letters that stand in
 * the word for the sound in question, or something that is true of the word; a word of which no
 * head is surely true has none and is not sorted.
 */
enum Heads {
  FINAL_K("final-k", atPlace("ck", "k", "c")),
  FINAL_CH("final-ch", atPlace("tch", "ch")),
  FINAL_J("final-j", atPlace("dge", "ge")),
  FINAL_DOUBLE("final-double", Heads::letters),
  C_OR_K("c-or-k", atPlace("ck", "k", "c")),
  SOFT_C("soft-c", atPlace("sc", "c", "s")),
  SOFT_G("soft-g", atPlace("g", "j")),
  SPLIT_VOWEL("split-vowel", Heads::silentE),
  END_AI("end-ai", atPlace("ay", "ai", "a-e")),
  END_OI("end-oi", atPlace("oy", "oi")),
  END_AU("end-au", atPlace("aw", "au")),
  END_OU("end-ou", atPlace("ow", "ou")),
  END_Y("end-y", atPlace("igh", "i-e", "ey", "y", "i")),
  FINAL_LE("final-le", atEnd("le", "el", "al", "il")),
  NK("nk", atPlace("nk", "ng")),
  X("x", atPlace("x", "cks", "ks", "cs")),
  DOUBLE_INSIDE("double-inside", Heads::letters),
  ER_END("er-end", atEnd("er", "or", "ar", "a")),
  TION("tion", atEnd("ssion", "tion", "sion", "cian")),
  IE_EI("ie-ei", atPlace("ie", "ei")),
  DOUBLE_BEFORE_ENDING("double-before-ending", sides("doubles", "does not double")),
  DROP_E("drop-e", sides("e goes", "e stays")),
  Y_TO_I("y-to-i", sides("y changes", "y stays")),
  F_TO_VES("f-to-ves", sides("f changes", "f stays")),
  PLURAL_ES("plural-es", Heads::addedEs),
  PLURAL_S_Z("plural-s-z", heard(Map.of("s", "s as in cats", "z", "s as in dogs"))),
  PAST_ED(
      "past-ed",
      heard(Map.of("t", "ed as in jumped", "d", "ed as in called", "KIT+d", "ed as in wanted"))),
  KEEP_STEM("keep-stem", Heads::part);

  private static final List<String> PREFIXES = List.of("un", "dis", "mis", "re");
  private static final List<String> ENDINGS = List.of("ly", "less", "ness", "ment", "ful");

  private final String rule;
  private final Head head;

  Heads(String rule, Head head) {
    this.rule = rule;
    this.head = head;
  }

  /** Finds what is true of a word at a place. */
  @FunctionalInterface
  private interface Head {
    Optional<String> of(Word word, Opportunity at);
  }

  /** The head of a word for a rule; empty where none is surely true, or the rule has no sorting. */
  static Optional<String> of(Word word, Opportunity at) {
    return Arrays.stream(values())
        .filter(h -> h.rule.equals(at.rule()))
        .findFirst()
        .flatMap(h -> h.head.of(word, at));
  }

  /** The grapheme of a rival; none where the word spells the sound in two ways. */
  static Optional<String> rival(Word word, FocusAt at, Accent accent) {
    boolean one =
        Stream.iterate(0, u -> u + 1)
            .limit(word.cut().size())
            .filter(u -> word.cut().ipa(u, accent).equals(at.ipa()))
            .allMatch(u -> word.cut().unit(u).grapheme().text().equals(at.grapheme()));
    return one ? Optional.of(at.grapheme().replace('_', '-')) : Optional.empty();
  }

  /** The first of these letters that stand at the place, if its sound has no others of them. */
  private static Head atPlace(String... letters) {
    return (word, at) -> {
      var sound = word.cut().unit(at.unit()).sound();
      List<String> found =
          Stream.iterate(0, u -> u + 1)
              .limit(word.cut().size())
              .filter(u -> u == at.unit() || word.cut().unit(u).sound().equals(sound))
              .flatMap(u -> standing(word, u, letters).stream())
              .distinct()
              .toList();
      boolean one = found.size() == 1 && standing(word, at.unit(), letters).isPresent();
      return one ? Optional.of(found.get(0)) : Optional.empty();
    };
  }

  private static Optional<String> standing(Word word, int unit, String... letters) {
    String grapheme = word.cut().unit(unit).grapheme().text().replace('_', '-');
    String rest = word.letters().substring(word.cut().start(unit));
    return Arrays.stream(letters)
        .filter(
            l ->
                grapheme.contains("-") || l.contains("-") ? grapheme.equals(l) : rest.startsWith(l))
        .findFirst();
  }

  private static Head atEnd(String... letters) {
    return (word, at) -> Arrays.stream(letters).filter(word.letters()::endsWith).findFirst();
  }

  /** What becomes of a base's end; none for a word without a base of its own (gorgeous). */
  private static Head sides(String special, String plain) {
    return (word, at) -> word.join().map(join -> at.side().isSpecial() ? special : plain);
  }

  private static Head heard(Map<String, String> bySound) {
    return (word, at) ->
        at.side() == Side.DUE
            ? Optional.ofNullable(bySound.get(word.cut().unit(at.unit()).sound().id()))
            : Optional.empty();
  }

  /** Whether the sound has one letter, and no other sound two, or the same letter twice. */
  private static Optional<String> letters(Word word, Opportunity at) {
    String grapheme = word.cut().unit(at.unit()).grapheme().text();
    boolean twin = grapheme.length() == 2 && grapheme.charAt(0) == grapheme.charAt(1);
    boolean elsewhere = word.letters().matches(".*([b-df-hj-np-tv-z])\\1.*");
    return grapheme.length() == 1 && !elsewhere
        ? Optional.of("one letter")
        : twin ? Optional.of("two letters") : Optional.empty();
  }

  private static Optional<String> silentE(Word word, Opportunity at) {
    String grapheme = word.cut().unit(at.unit()).grapheme().text().replace('_', '-');
    if (grapheme.contains("-")) {
      return Optional.of(grapheme);
    }
    return word.letters().endsWith("e") || !word.join().isEmpty()
        ? Optional.empty()
        : Optional.of("no e");
  }

  /** A word that has an e of its own before the s (places) may be told either way: neither. */
  private static Optional<String> addedEs(Word word, Opportunity at) {
    boolean es = word.letters().endsWith("es");
    return es == at.side().isSpecial() ? Optional.of(es ? "es" : "s") : Optional.empty();
  }

  /** What was put before or after the base. */
  private static Optional<String> part(Word word, Opportunity at) {
    String part = at.condition().id().substring(at.condition().id().indexOf('/') + 1);
    if (part.equals("compound")) {
      return Optional.of("two words in one");
    }
    if (ENDINGS.contains(part)) {
      return Optional.of("-" + part).filter(p -> word.letters().endsWith(part));
    }
    return part.equals("re") || part.equals("no-double") || PREFIXES.contains(part)
        ? PREFIXES.stream().filter(word.letters()::startsWith).findFirst().map(p -> p + "-")
        : Optional.empty();
  }
}

package dettato.explain;

import dettato.mark.Mark;
import dettato.word.Capitals;
import dettato.word.Join;
import dettato.word.Segmentation;
import dettato.word.Word;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What the names in a sentence of the table stand for, at one place of one attempt. */
final class Filling {
  private static final Pattern NAME = Pattern.compile("\\{([a-z-]+)}");

  private final Map<String, String> values = new HashMap<>();

  private Filling() {}

  /** What is true of the whole word. */
  static Filling of(Mark mark) {
    Filling filling = new Filling();
    Word word = mark.target();
    filling.with("word", Capitals.written(word));
    filling.with("attempt", mark.attempt().strip());
    word.join().ifPresent(filling::parts);
    int seam = word.seam();
    if (seam > 0) {
      filling.with("first", word.letters().substring(0, seam));
      filling.with("second", word.letters().substring(seam));
    }
    return filling;
  }

  /** What is true of one unit of it as well. */
  static Filling at(Mark mark, int unit) {
    Filling filling = of(mark);
    Segmentation cut = mark.target().cut();
    String grapheme = cut.unit(unit).grapheme().text();
    String letters = cut.unit(unit).grapheme().letters();
    int end = cut.start(unit) + cut.unit(unit).grapheme().headLength();
    String before = unit == 0 ? "" : shown(cut.unit(unit - 1).grapheme().text());
    mark.target().joinAt(unit).ifPresent(filling::parts);
    filling.with("letters", shown(grapheme));
    filling.with("written", shown(mark.units().get(unit).written()));
    filling.with("count", letters.length() == 2 ? "two" : letters.length() == 3 ? "three" : "four");
    filling.with("last", grapheme.substring(grapheme.length() - 1));
    filling.with("vowel", grapheme.substring(0, 1));
    filling.with("before", before);
    filling.with("last-before", before.isEmpty() ? "" : before.substring(before.length() - 1));
    filling.with(
        "after", end < cut.spelling().length() ? cut.spelling().substring(end, end + 1) : "");
    return filling;
  }

  /** Adds a value, or puts another in its place. */
  Filling with(String name, String value) {
    values.put(name, value);
    return this;
  }

  /** A sentence with its names filled in. */
  String fill(String sentence) {
    Matcher names = NAME.matcher(sentence);
    return names.replaceAll(
        found -> {
          String value = values.get(found.group(1));
          if (value == null) {
            throw new IllegalArgumentException(
                "nothing is known of " + found.group() + " in '" + sentence + "'");
          }
          return Matcher.quoteReplacement(value);
        });
  }

  private void parts(Join join) {
    with("base", join.base());
    with("ending", join.ending());
  }

  private static String shown(String grapheme) {
    return grapheme.replace('_', '–');
  }
}

package dettato.profile;

import dettato.input.Unacceptable;
import dettato.table.Table;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a class calls things. Our texts are written in words of our own ({@code terms.tsv}); where a
 * class has others, these are said instead, in the plural and at the beginning of a line too. Only
 * for texts that explain: a word that is dictated is never changed.
 */
public final class Terms {
  /** Every term that may be called otherwise, in the order it is asked for. */
  public static final List<Term> ALL =
      Table.load(
          Terms.class,
          "terms.tsv",
          row ->
              new Term(
                  row.get("term"),
                  Arrays.asList(row.get("ours").split("\\|")),
                  row.get("grammar"),
                  row.get("american"),
                  row.get("about")));

  /** Where nothing is called otherwise. */
  public static final Terms OURS = new Terms(Map.of());

  private static final int LONGEST = 24;

  private final Swap said;
  private final Swap ours;

  /**
   * A thing with the words for it.
   *
   * @param ours as our texts say it, the usual one first
   * @param grammar as books of grammar say it
   * @param american as it is said in America
   * @param about an example
   */
  public record Term(String id, List<String> ours, String grammar, String american, String about) {
    public Term {
      ours = List.copyOf(ours);
    }

    /** What our texts say. */
    public String usual() {
      return ours.get(0);
    }
  }

  /** Puts words for words, the longest that fits. */
  private record Swap(Map<String, String> forms, Pattern any) {
    static Swap of(Map<String, String> forms) {
      List<String> longest =
          forms.keySet().stream()
              .sorted(Comparator.comparingInt(String::length).reversed())
              .map(Pattern::quote)
              .toList();
      return new Swap(forms, Pattern.compile("\\b(?:" + String.join("|", longest) + ")\\b"));
    }

    String in(String text) {
      return forms.isEmpty()
          ? text
          : any.matcher(text)
              .replaceAll(found -> Matcher.quoteReplacement(forms.getOrDefault(found.group(), "")));
    }
  }

  private Terms(Map<String, String> forms) {
    this.said = Swap.of(forms);
    Map<String, String> back = new LinkedHashMap<>();
    forms.forEach((from, to) -> back.putIfAbsent(to, from));
    this.ours = Swap.of(back);
  }

  /**
   * @param called by term what the class calls it, as {@link #kept} gives it
   */
  public static Terms of(Map<String, String> called) {
    if (called.isEmpty()) {
      return OURS;
    }
    Map<String, String> forms = new LinkedHashMap<>();
    for (Term term : ALL) {
      String word = called.get(term.id());
      if (word != null) {
        term.ours().forEach(ours -> add(forms, ours, word));
      }
    }
    return new Terms(forms);
  }

  /**
   * What is kept of a class's words: those that are not ours.
   *
   * @throws Unacceptable when a term is unknown, empty, no words, or stands for two things
   */
  public static Map<String, String> kept(Map<String, String> called) {
    Map<String, Term> known = new HashMap<>();
    ALL.forEach(t -> known.put(t.id(), t));
    Map<String, String> kept = new LinkedHashMap<>();
    Set<String> taken = new HashSet<>();
    for (String id : called.keySet()) {
      if (!known.containsKey(id)) {
        throw new Unacceptable(
            "'%s' is no term. There are: %s."
                .formatted(id, String.join(", ", ALL.stream().map(Term::id).toList())));
      }
    }
    for (Term term : ALL) {
      String word = called.getOrDefault(term.id(), term.usual()).strip();
      check(term, word);
      if (!taken.add(word.toLowerCase(Locale.ROOT))) {
        throw new Unacceptable(
            "'%s' would stand for two things, one of them the %s (%s). Give one another word."
                .formatted(word, term.usual(), term.about()));
      }
      if (!word.equals(term.usual())) {
        kept.put(term.id(), word);
      }
    }
    return kept;
  }

  private static void check(Term term, String word) {
    if (word.isEmpty()) {
      throw new Unacceptable(
          "There is no word for the %s (%s). Write one, or take '%s' again."
              .formatted(term.usual(), term.about(), term.usual()));
    }
    if (word.length() > LONGEST || !word.matches("\\p{L}+(?:[ '’-]\\p{L}+)*")) {
      throw new Unacceptable(
          "'%s' cannot stand for the %s. Use words of letters, at most %d in all."
              .formatted(word, term.usual(), LONGEST));
    }
  }

  /** A text that explains something, in the words of the class. */
  public String said(String text) {
    return said.in(text);
  }

  /** A text in the words of the class, in ours again. */
  public String ours(String text) {
    return ours.in(text);
  }

  /** By form of ours the form that is said: beats, Beats, a beat, A beat. */
  public Map<String, String> forms() {
    return Map.copyOf(said.forms);
  }

  private static void add(Map<String, String> forms, String ours, String word) {
    List<String[]> both = new ArrayList<>();
    both.add(new String[] {ours, word});
    both.add(new String[] {many(ours), many(word)});
    String article = article(ours);
    if (!article.equals(article(word))) {
      both.add(new String[] {article + " " + ours, article(word) + " " + word});
    }
    for (String[] one : both) {
      forms.put(one[0], one[1]);
      forms.put(begun(one[0]), begun(one[1]));
    }
  }

  private static String many(String word) {
    if (word.matches(".*[^aeiou]y")) {
      return word.substring(0, word.length() - 1) + "ies";
    }
    return word + (word.matches(".*(?:s|x|z|ch|sh)") ? "es" : "s");
  }

  private static String article(String word) {
    return word.matches("(?i)[aeiou].*") ? "an" : "a";
  }

  private static String begun(String text) {
    return Character.toUpperCase(text.charAt(0)) + text.substring(1);
  }
}

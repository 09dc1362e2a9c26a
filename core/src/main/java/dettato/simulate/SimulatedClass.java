package dettato.simulate;

import dettato.word.Word;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.function.Function;
import java.util.regex.Pattern;

/**
 * Children with planted habits who write words down. The same seed gives the same attempts; habits
 * show before slips, and a word has at most one of each.
 */
public final class SimulatedClass {
  /** How often a capital at the start, or a mark at the end, is left out. */
  private static final double SIGN_LOST = 0.12;

  /** Words without an apostrophe; those with one are known by heart. */
  private static final Pattern LETTERS = Pattern.compile("(?<![\\w'’])[A-Za-z]+(?!['’\\w])");

  private final List<SimulatedChild> children;
  private final long seed;

  public SimulatedClass(List<SimulatedChild> children, long seed) {
    this.children = List.copyOf(children);
    this.seed = seed;
  }

  public List<SimulatedChild> children() {
    return children;
  }

  /**
   * What a child writes for a sentence on an occasion: each word as {@link #attempt} has it, and
   * now and then no capital at the start or no mark at the end.
   *
   * @param word the word behind a spelling
   */
  public String sentence(
      SimulatedChild child, String text, Function<String, Word> word, int occasion) {
    Random random = new Random(seed * 37 + child.name().hashCode() * 11L + occasion * 103L);
    random.nextLong();
    String written = LETTERS.matcher(text).replaceAll(m -> like(m.group(), child, word, occasion));
    written = random.nextDouble() < SIGN_LOST ? small(written) : written;
    return random.nextDouble() < SIGN_LOST ? written.replaceAll("[.?!]$", "") : written;
  }

  /** A word of a sentence, with a capital where the sentence has one. */
  private String like(
      String spelling, SimulatedChild child, Function<String, Word> word, int occasion) {
    String written = attempt(child, word.apply(spelling.toLowerCase(Locale.ROOT)), occasion);
    return Character.isUpperCase(spelling.charAt(0)) && !written.isEmpty()
        ? Character.toUpperCase(written.charAt(0)) + written.substring(1)
        : written;
  }

  private static String small(String text) {
    return Character.toLowerCase(text.charAt(0)) + text.substring(1);
  }

  /**
   * What a child writes for a word on an occasion.
   *
   * @param occasion tells sessions apart, so that the same word may be spelled differently
   */
  public String attempt(SimulatedChild child, Word word, int occasion) {
    Random random =
        new Random(
            seed * 31
                + child.name().hashCode() * 7L
                + word.spelling().hashCode()
                + occasion * 101L);
    random.nextLong();
    for (Tendency habit : child.habits()) {
      Optional<String> written = habit.write(word, random);
      if (written.isPresent()) {
        return written.get();
      }
    }
    return random.nextDouble() < child.slips()
        ? Misspelling.slip(word.cut(), random)
        : word.spelling();
  }
}

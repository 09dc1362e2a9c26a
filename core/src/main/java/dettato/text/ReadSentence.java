package dettato.text;

import java.util.List;
import java.util.Set;

/**
 * A sentence with what its words ask.
 *
 * @param words how many it has
 * @param tests where rules decide, in the order of the words
 * @param needs every word that is known, with what it needs
 * @param spelled each sound with its grapheme, as {@link #spelling}
 * @param unknown words that no lexicon has
 * @param names words with a capital of their own
 * @param irregular how many of its words break a rule that holds
 */
public record ReadSentence(
    Sentence sentence,
    int words,
    List<Test> tests,
    List<Need> needs,
    Set<String> spelled,
    List<String> unknown,
    List<String> names,
    int irregular) {

  /** A place where a rule decides. */
  public record Test(String rule, String condition, String word) {}

  /**
   * A word that needs something taught.
   *
   * @param taught each grapheme with its step, or that at which the word is known by heart; past
   *     the last for one that no step teaches
   */
  public record Need(String word, List<Taught> taught) {
    public Need {
      taught = List.copyOf(taught);
    }

    int latest() {
      return taught.stream().mapToInt(Taught::step).max().orElse(0);
    }
  }

  /** A grapheme and the step that teaches it. */
  public record Taught(String grapheme, int step) {}

  /** A word and its graphemes that are not taught by a step. */
  public record Untaught(String word, List<String> graphemes) {
    public Untaught {
      graphemes = List.copyOf(graphemes);
    }
  }

  public ReadSentence {
    tests = List.copyOf(tests);
    needs = List.copyOf(needs);
    spelled = Set.copyOf(spelled);
    unknown = List.copyOf(unknown);
    names = List.copyOf(names);
  }

  /** How a sound with its grapheme is written in {@link #spelled}. */
  static String spelling(String sound, String grapheme) {
    return sound + "=" + grapheme;
  }

  /** Whether one of its words has a sound, in IPA of the accent, spelled so. */
  public boolean spells(String sound, String grapheme) {
    return spelled.contains(spelling(sound, grapheme));
  }

  /** Words that need more than is taught by a step, each once. */
  public List<Untaught> untaught(int step) {
    return needs.stream()
        .filter(n -> n.latest() > step)
        .map(
            n ->
                new Untaught(
                    n.word(),
                    n.taught().stream()
                        .filter(t -> t.step() > step)
                        .map(Taught::grapheme)
                        .distinct()
                        .toList()))
        .distinct()
        .toList();
  }

  /** Whether every word of it is known and taught by a step. */
  public boolean isTaught(int step) {
    return unknown.isEmpty() && step() <= step;
  }

  /** The step by which all of it is taught. */
  public int step() {
    return needs.stream().mapToInt(Need::latest).max().orElse(0);
  }
}

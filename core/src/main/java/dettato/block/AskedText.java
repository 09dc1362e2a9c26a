package dettato.block;

import dettato.input.Unacceptable;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * An item that carries its answer, so that it can be kept, changed and judged as it stands: what is
 * asked, then in brackets what is right. {@code crunch [ch | tch]} has one right answer of two;
 * {@code /eɪ/ [ai; ay; a-e]} asks for all three.
 *
 * @param answers all of them are asked for
 * @param others may be chosen, and are wrong
 */
record AskedText(String says, List<String> answers, List<String> others) {
  static final int LONGEST = 300;

  AskedText {
    answers = List.copyOf(answers);
    others = List.copyOf(others);
  }

  static AskedText of(String says, List<String> answers, List<String> others) {
    return new AskedText(
        clean(says),
        answers.stream().map(AskedText::clean).toList(),
        others.stream().map(AskedText::clean).toList());
  }

  private static String clean(String part) {
    return part.replace('[', '(').replace(']', ')').replace('|', ',').replace(';', ',').strip();
  }

  String text() {
    List<String> inside = new ArrayList<>();
    inside.add(String.join("; ", answers));
    inside.addAll(others);
    return says + " [" + String.join(" | ", inside) + "]";
  }

  /** Whether it can be kept. */
  boolean fits() {
    return text().length() <= LONGEST;
  }

  /** The item of a line; empty when it has no answer. */
  static Optional<AskedText> read(String text) {
    int open = text.lastIndexOf('[');
    if (open < 1 || !text.strip().endsWith("]")) {
      return Optional.empty();
    }
    String says = text.substring(0, open).strip();
    String[] inside = text.strip().substring(open + 1, text.strip().length() - 1).split("\\|");
    List<String> answers = parts(inside[0], ";");
    List<String> others =
        Arrays.stream(inside).skip(1).map(String::strip).filter(o -> !o.isEmpty()).toList();
    return says.isEmpty() || answers.isEmpty()
        ? Optional.empty()
        : Optional.of(new AskedText(says, answers, others));
  }

  /** The item of a line that was kept. */
  static AskedText kept(String text) {
    return read(text).orElseGet(() -> new AskedText(text, List.of(text), List.of()));
  }

  /**
   * A teacher's own item as it is kept.
   *
   * @param example of such an item
   */
  static AskedText own(String text, String example) {
    String one = text.strip().replaceAll("\\s+", " ");
    return read(one)
        .filter(AskedText::fits)
        .orElseThrow(
            () ->
                new Unacceptable(
                    "Write what is asked, then its answer in brackets, %d letters at most: %s."
                        .formatted(LONGEST, example)));
  }

  /** The parts of an answer, without empty ones. */
  static List<String> parts(String text, String between) {
    return Arrays.stream(text.split(between)).map(String::strip).filter(p -> !p.isEmpty()).toList();
  }

  /** What two answers are compared by: letters and figures, small. */
  static String plain(String answer) {
    return answer.toLowerCase(Locale.ROOT).replace('_', '-').replaceAll("[.?!,\"“”]", "").strip();
  }
}

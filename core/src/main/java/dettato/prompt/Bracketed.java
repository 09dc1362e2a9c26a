package dettato.prompt;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * How a teacher types an item that carries its answer: what is asked, then in brackets what is
 * right. {@code crunch [ch | tch]} has one right answer of two; {@code /eɪ/ [ai; ay]} asks for
 * both.
 */
public final class Bracketed {
  private Bracketed() {}

  /** What was typed; empty when it has no answer. */
  public static Optional<Prompt.Choice> read(String typed) {
    String text = typed.strip().replaceAll("\\s+", " ");
    int open = text.lastIndexOf('[');
    if (open < 1 || !text.endsWith("]")) {
      return Optional.empty();
    }
    String asks = text.substring(0, open).strip();
    String[] inside = text.substring(open + 1, text.length() - 1).split("\\|");
    List<String> answers = parts(inside[0], ";");
    List<String> others =
        Arrays.stream(inside).skip(1).map(String::strip).filter(o -> !o.isEmpty()).toList();
    return asks.isEmpty() || answers.isEmpty()
        ? Optional.empty()
        : Optional.of(new Prompt.Choice(asks, answers, others));
  }

  static String text(String asks, List<String> answers, List<String> others) {
    List<String> inside = new ArrayList<>();
    inside.add(joined(answers));
    inside.addAll(others);
    return asks + " [" + String.join(" | ", inside) + "]";
  }

  static String joined(List<String> answers) {
    return String.join("; ", answers);
  }

  /** The same without what parts the answers, so that it reads back as it was. */
  static String clean(String part) {
    return part.replace('[', '(').replace(']', ')').replace('|', ',').replace(';', ',').strip();
  }

  /** The parts of a line, without empty ones. */
  public static List<String> parts(String text, String between) {
    return Arrays.stream(text.split(between)).map(String::strip).filter(p -> !p.isEmpty()).toList();
  }
}

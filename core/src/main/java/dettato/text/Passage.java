package dettato.text;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * A short text with questions on it.
 *
 * @param text some sentences, in one paragraph
 */
public record Passage(String title, String text, List<Question> questions) {

  /**
   * A question on a text.
   *
   * @param answer stands in the text
   * @param others do not
   */
  public record Question(String asks, String answer, List<String> others) {
    public Question {
      others = List.copyOf(others);
    }
  }

  public Passage {
    questions = List.copyOf(questions);
  }

  /** Ours, kept in {@code passages.txt}. */
  public static List<Passage> shipped() {
    return Shipped.ALL;
  }

  private static final class Shipped {
    static final List<Passage> ALL = load();
  }

  private static List<Passage> load() {
    try (InputStream in = Passage.class.getResourceAsStream("passages.txt")) {
      if (in == null) {
        throw new IllegalStateException("passages.txt is missing");
      }
      return read(
          new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8)).lines().toList());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A line # title, the text, and lines ? question | answer | another | another. */
  static List<Passage> read(List<String> lines) {
    List<Passage> passages = new ArrayList<>();
    String title = "";
    StringBuilder text = new StringBuilder();
    List<Question> questions = new ArrayList<>();
    for (String line : lines) {
      if (line.startsWith("#")) {
        add(passages, title, text, questions);
        title = line.substring(1).strip();
      } else if (line.startsWith("?")) {
        questions.add(question(line.substring(1)));
      } else if (!line.startsWith("//") && !line.isBlank()) {
        text.append(text.isEmpty() ? "" : " ").append(line.strip());
      }
    }
    add(passages, title, text, questions);
    return List.copyOf(passages);
  }

  private static void add(
      List<Passage> passages, String title, StringBuilder text, List<Question> questions) {
    if (!title.isEmpty()) {
      passages.add(new Passage(title, text.toString(), questions));
    }
    text.setLength(0);
    questions.clear();
  }

  private static Question question(String line) {
    String[] cells = line.split("\\|");
    if (cells.length < 3) {
      throw new IllegalArgumentException("passages.txt: '" + line + "' has no answers to choose");
    }
    List<String> answers = Arrays.stream(cells).skip(2).map(String::strip).toList();
    return new Question(cells[0].strip(), cells[1].strip(), answers);
  }
}

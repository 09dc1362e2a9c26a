package dettato.app.text;

import dettato.input.Unacceptable;
import dettato.text.Hunts;
import dettato.text.Passage;
import dettato.text.Sentence;
import dettato.text.SentenceBank;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * A school's own sentence, or its own text.
 *
 * @param title "" for a sentence
 */
record OwnText(long id, String title, String text) {
  private static final int LONGEST_TITLE = 80;
  private static final int LONGEST_SENTENCE = 300;
  private static final int LONGEST_TEXT = 2_000;

  /** The number of each by its text. */
  static Map<String, Long> numbers(List<OwnText> own) {
    return own.stream().collect(Collectors.toMap(OwnText::text, OwnText::id, (a, b) -> a));
  }

  boolean isSentence() {
    return title.isEmpty();
  }

  /**
   * The same as it is kept, white space put right.
   *
   * @throws Unacceptable saying what is wrong with it
   */
  static OwnText checked(String title, String text) {
    String name = title.strip().replaceAll("\\s+", " ");
    String kept = text.strip().replaceAll("\\s+", " ");
    int longest = name.isEmpty() ? LONGEST_SENTENCE : LONGEST_TEXT;
    if (Sentence.wordsOf(kept).isEmpty()) {
      throw new Unacceptable("'" + kept + "' has no words. Write the sentence or text to keep.");
    }
    if (name.length() > LONGEST_TITLE) {
      throw new Unacceptable("A title has at most " + LONGEST_TITLE + " letters.");
    }
    if (kept.length() > longest) {
      throw new Unacceptable(
          name.isEmpty()
              ? "A sentence has at most " + longest + " letters. Give a longer text a title."
              : "A text has at most " + longest + " letters. Make two of it.");
    }
    return new OwnText(0, name, kept);
  }

  /** Our sentences with the school's own. */
  static SentenceBank over(SentenceBank ours, List<OwnText> own) {
    List<Sentence> sentences =
        own.stream().filter(OwnText::isSentence).map(t -> new Sentence(t.text())).toList();
    return sentences.isEmpty() ? ours : ours.with(sentences);
  }

  /** Our texts after the school's own. */
  static Hunts over(Hunts ours, List<OwnText> own) {
    return ours.with(
        own.stream()
            .filter(t -> !t.isSentence())
            .map(t -> new Passage(t.title(), t.text(), List.of()))
            .toList());
  }
}

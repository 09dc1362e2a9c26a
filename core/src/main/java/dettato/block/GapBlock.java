package dettato.block;

import dettato.exercise.Material;
import dettato.exercise.Task;
import dettato.input.Unacceptable;

/** Sentences with one word out; the item is the sentence with its word in brackets. */
final class GapBlock extends WordTaskBlock {
  private static final String PLACE = "____";
  private static final int LONGEST_SENTENCE = 300;

  @Override
  public String id() {
    return "gap";
  }

  @Override
  public boolean isReadBack() {
    return false;
  }

  @Override
  public String title() {
    return "Gap sentences";
  }

  /** Sentences on anything else would be no help in a set. */
  @Override
  boolean mayLeaveFocus() {
    return false;
  }

  @Override
  String kept(Task task) {
    return task.says().replace(PLACE, "[" + task.text() + "]");
  }

  @Override
  String due(String text) {
    int from = text.indexOf('[');
    int to = text.indexOf(']', from + 1);
    return from < 0 || to < 0 ? text : text.substring(from + 1, to);
  }

  @Override
  String says(String text, Material material) {
    return text.replaceAll("\\[[^\\]]*\\]", PLACE);
  }

  /** The sentence stands there, with room for the word. */
  @Override
  Form form(Item item, Material material) {
    String text = item.text();
    int from = Math.max(0, text.indexOf('['));
    int to = Math.max(from, text.indexOf(']') + 1);
    return new Form.Room(
        text.substring(0, from).strip(), text.substring(to).strip(), Form.Size.WORD, 0);
  }

  @Override
  public String own(String text, Material material) {
    String sentence = text.strip().replaceAll("\\s+", " ");
    if (sentence.length() > LONGEST_SENTENCE
        || !sentence.matches(".*\\[[A-Za-z][A-Za-z'-]*\\].*")) {
      throw new Unacceptable(
          "Put the word that is left out in brackets: The gull sat on the [ledge].");
    }
    return sentence;
  }
}

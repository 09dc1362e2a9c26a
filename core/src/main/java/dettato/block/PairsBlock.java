package dettato.block;

import dettato.exercise.Material;
import dettato.input.Unacceptable;
import dettato.mark.SentenceMarker.SentenceMark;
import dettato.plan.Pace;
import java.util.List;
import java.util.Locale;

/** Two words that differ by one sound, both written. */
final class PairsBlock extends WordTaskBlock {
  @Override
  public String id() {
    return "pairs";
  }

  @Override
  public List<String> words(String text) {
    return List.of(text.split(" "));
  }

  @Override
  public String title() {
    return "Pairs";
  }

  @Override
  String says(String text, Material material) {
    return text.replace(" ", ", then ");
  }

  @Override
  public String own(String text, Material material) {
    String both = text.strip().toLowerCase(Locale.ROOT).replaceAll("[\\s,]+", " ");
    if (!both.matches("[a-z']{1,20} [a-z']{1,20}")) {
      throw new Unacceptable("A pair is two words, as in: hop hope.");
    }
    return both;
  }

  @Override
  public Call call(Item item, Material material) {
    return new Call(says(item.text(), material), List.of(item.text()), 2 * Pace.writingPause(3));
  }

  @Override
  Form form(Item item, Material material) {
    return new Form.Room("", "", Form.Size.PAIR, 0);
  }

  @Override
  public int seconds(Item item, Material material, Pace pace) {
    return 2 * super.seconds(item, material, pace);
  }

  /** Each word by itself; capitals and marks are not asked. */
  @Override
  public Judged judge(String text, String written, Markers markers) {
    SentenceMark mark = markers.sentences().mark(text, written);
    return new Judged(mark.words(), List.of());
  }
}

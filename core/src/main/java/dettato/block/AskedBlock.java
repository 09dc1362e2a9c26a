package dettato.block;

import dettato.exercise.Material;
import dettato.focus.Focus;
import dettato.mark.SentenceMarker.WordMark;
import dettato.plan.Pace;
import java.util.ArrayList;
import java.util.List;

/** A block whose items carry their answers, as {@link AskedText}. A kind says what differs. */
abstract class AskedBlock implements BlockKind {
  private static final int MOST = 20;

  @Override
  public int most() {
    return MOST;
  }

  /** An item as a teacher may write it. */
  abstract String example();

  @Override
  public String own(String text, Material material) {
    return AskedText.own(text, example()).text();
  }

  @Override
  public Call call(Item item, Material material) {
    AskedText asked = AskedText.kept(item.text());
    return new Call(says(asked), List.of(String.join(", ", asked.answers())), pause(asked));
  }

  String says(AskedText asked) {
    return asked.says();
  }

  int pause(AskedText asked) {
    return isSpoken() ? 0 : Pace.writingPause(2 * asked.answers().size());
  }

  @Override
  public int seconds(Item item, Material material, Pace pace) {
    return pace.of(secondsEach(AskedText.kept(item.text())));
  }

  /** Seconds measured for one item, before the pace of the room. */
  abstract double secondsEach(AskedText asked);

  @Override
  public List<Check> checks(List<Item> items, List<Focus> focus, Material material) {
    return items.isEmpty()
        ? List.of(Check.of(Check.Kind.EMPTY, title() + ": nothing yet. Fill the sheet."))
        : List.of();
  }

  /** Each part asked for: there, or lost; what was not asked is told. */
  @Override
  public Judged judge(String text, String written, Markers markers) {
    if (isSpoken()) {
      return Judged.ofParts(List.of());
    }
    AskedText asked = AskedText.kept(text);
    return asked.answers().size() == 1
        ? Judged.ofParts(
            List.of(Judged.part(AskedText.plain(asked.answers().get(0)), AskedText.plain(written))))
        : Judged.ofParts(list(asked.answers(), AskedText.parts(written, "[,;/\\s]+")));
  }

  static List<WordMark> list(List<String> asked, List<String> written) {
    List<String> left = new ArrayList<>(written.stream().map(AskedText::plain).toList());
    List<WordMark> parts = new ArrayList<>();
    for (String one : asked) {
      String plain = AskedText.plain(one);
      parts.add(Judged.part(plain, left.remove(plain) ? plain : ""));
    }
    left.stream().distinct().forEach(other -> parts.add(Judged.part("", other)));
    return parts;
  }
}

package dettato.block;

import dettato.exercise.Material;
import dettato.focus.Focus;
import dettato.sound.Sounds;
import dettato.text.Hunts;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** A text to hunt a sound through: its words are listed, by the grapheme that spells it. */
final class HuntBlock extends AskedBlock {
  private static final int MOST = 4;
  private static final String VOWELS = "iː eɪ aɪ əʊ uː ɔː ɜː";

  /** One of so many of the texts that hold most words. */
  private static final int WINDOW = 6;

  private static final double WORD_SECONDS = 12;
  private static final double READING_SECONDS = 45;

  @Override
  public String id() {
    return "hunt";
  }

  @Override
  public String title() {
    return "Text hunt";
  }

  @Override
  public int most() {
    return MOST;
  }

  @Override
  public boolean mayRepeat() {
    return true;
  }

  @Override
  String example() {
    return "/iː/ in The red kite [see; tree; sea]";
  }

  /** Texts with the sound of the focus in two spellings at least; else one that many words have. */
  @Override
  public List<Item> fill(Request request, Material material) {
    List<Item> items = new ArrayList<>();
    Random random = new Random(request.seed());
    for (Focus focus : request.focus()) {
      FocusSounds.of(focus, material)
          .forEach(s -> add(items, s, Optional.of(focus), request, material, random));
    }
    for (String sound : VOWELS.split(" ")) {
      add(items, sound, Optional.empty(), request, material, random);
    }
    return items;
  }

  private static void add(
      List<Item> items,
      String sound,
      Optional<Focus> focus,
      Request request,
      Material material,
      Random random) {
    List<Hunts.Hunt> hunts =
        new ArrayList<>(material.hunts().of(sound).stream().limit(WINDOW).toList());
    Collections.shuffle(hunts, random);
    hunts.stream()
        .map(h -> asked(sound, h))
        .filter(AskedText::fits)
        .filter(a -> !request.without().contains(a.text()))
        .filter(a -> items.stream().noneMatch(i -> title(i).equals(title(a.says()))))
        .limit(items.size() < request.count() ? 1 : 0)
        .forEach(
            a ->
                items.add(
                    new Item(
                        a.text(),
                        Item.Role.FOCUS,
                        focus,
                        a.answers().size() + " words with /" + sound + "/")));
  }

  private static String title(Item item) {
    return title(AskedText.kept(item.text()).says());
  }

  private static String title(String says) {
    return says.substring(says.indexOf(" in ") + 1);
  }

  private static AskedText asked(String sound, Hunts.Hunt hunt) {
    return AskedText.of(
        "/" + sound + "/ in " + hunt.passage().title(),
        hunt.columns().stream().flatMap(c -> c.words().stream()).distinct().toList(),
        List.of());
  }

  /** A sound to be hunted, in a text of ours; not there for a text that is not. */
  private record Hunted(AskedText asked, String sound, String keyword, Optional<Hunts.Hunt> hunt) {
    static Hunted of(Item item, Material material) {
      AskedText asked = AskedText.kept(item.text());
      String says = asked.says();
      int end = says.indexOf('/', 1);
      String sound = says.startsWith("/") && end > 0 ? says.substring(1, end) : "";
      return new Hunted(
          asked,
          sound,
          Sounds.keyword(sound, material.accent()),
          material.hunts().of(sound).stream()
              .filter(h -> says.endsWith(" in " + h.passage().title()))
              .findFirst());
    }

    /** Read by children, who know a word and not its signs. */
    String asks() {
      String as = keyword.isEmpty() ? "" : ", as in " + keyword;
      return "Find the words with /" + sound + "/" + as + ".";
    }
  }

  /** The text, then a column for each grapheme that spells the sound in it. */
  @Override
  public List<Form> forms(List<Item> items, Material material) {
    List<Form> forms = new ArrayList<>();
    for (Item item : items) {
      Hunted hunted = Hunted.of(item, material);
      hunted.hunt.ifPresent(h -> forms.add(new Form.Text(h.passage().title(), h.passage().text())));
      forms.add(
          new Form.Lists(
              hunted.asks(),
              hunted
                  .hunt
                  .map(h -> h.columns().stream().map(c -> c.grapheme()).toList())
                  .orElse(List.of("")),
              hunted.asked.answers().size()));
    }
    return forms;
  }

  /** On a device the words are written one after the other. */
  @Override
  public List<Alone> alone(List<Item> items, Material material) {
    return items.stream()
        .map(i -> Hunted.of(i, material))
        .map(
            h ->
                new Alone("", h.asks(), "", List.of(), true)
                    .about(h.hunt.map(t -> t.passage().text()).orElse("")))
        .toList();
  }

  @Override
  double secondsEach(AskedText asked) {
    return READING_SECONDS + WORD_SECONDS * asked.answers().size();
  }

  @Override
  public List<Check> checks(List<Item> items, List<Focus> focus, Material material) {
    List<Check> found = new ArrayList<>(super.checks(items, focus, material));
    for (Item item : items) {
      List<String> untaught =
          AskedText.kept(item.text()).answers().stream()
              .flatMap(
                  w ->
                      material
                          .sequence()
                          .untaught(material.word().apply(w), material.step(), material.accent())
                          .stream())
              .distinct()
              .toList();
      if (!untaught.isEmpty()) {
        found.add(
            Check.at(
                Check.Kind.UNTAUGHT,
                item.text(),
                "The words to find need " + String.join(", ", untaught) + ", not taught yet."));
      }
    }
    return found;
  }
}

package dettato.activity.hunt;

import dettato.activity.Alone;
import dettato.activity.AnswerKind;
import dettato.activity.Check;
import dettato.activity.Form;
import dettato.activity.Item;
import dettato.activity.OwnLine;
import dettato.activity.Request;
import dettato.activity.Traits;
import dettato.activity.Traits.Answer;
import dettato.activity.Traits.Trait;
import dettato.choose.FocusSounds;
import dettato.choose.Material;
import dettato.focus.Focus;
import dettato.prompt.Prompt;
import dettato.sound.Sounds;
import dettato.text.Hunts;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** A text to hunt a sound through: its words are listed, by the grapheme that spells it. */
public final class HuntKind extends AnswerKind {
  private static final String ID = "hunt";
  private static final String VOWELS = "iː eɪ aɪ əʊ uː ɔː ɜː";

  /** One of so many of the texts that hold most words. */
  private static final int WINDOW = 6;

  private static final double WORD_SECONDS = 12;
  private static final double READING_SECONDS = 45;
  private static final Traits TRAITS =
      Traits.of(ID, "Text hunt", Answer.LIST)
          .asks("Read the text and list the words with the sound.")
          .steps("read it", "list the words", "show")
          .line("/iː/ in The red kite [see; tree; sea]")
          .count(1, 4)
          .forms(Form.Name.TEXT, Form.Name.LISTS)
          .with(Trait.MAY_REPEAT, Trait.LONG);

  @Override
  public Traits traits() {
    return TRAITS;
  }

  private static Prompt.Hunt hunt(Prompt prompt) {
    return (Prompt.Hunt) prompt;
  }

  @Override
  protected List<String> answers(Prompt prompt) {
    return hunt(prompt).words();
  }

  @Override
  public Prompt own(String typed, Material material) {
    return Prompt.Hunt.of(OwnLine.answered(typed, TRAITS.example()));
  }

  /**
   * Texts that can be read by now, with the sound of the focus in two spellings at least; else one
   * that many words have.
   */
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
        new ArrayList<>(
            material.hunts().of(sound).stream()
                .filter(h -> h.read().isTaught(material.step()))
                .limit(WINDOW)
                .toList());
    Collections.shuffle(hunts, random);
    hunts.stream()
        .map(h -> prompt(sound, h))
        .filter(OwnLine::fits)
        .filter(p -> !request.without().contains(p.text()))
        .filter(p -> items.stream().noneMatch(i -> hunt(i.prompt()).title().equals(p.title())))
        .limit(items.size() < request.count() ? 1 : 0)
        .forEach(
            p ->
                items.add(
                    new Item(
                        p,
                        Item.Role.FOCUS,
                        focus,
                        p.words().size() + " words with /" + sound + "/")));
  }

  private static Prompt.Hunt prompt(String sound, Hunts.Hunt hunt) {
    return new Prompt.Hunt(
        sound,
        hunt.passage().title(),
        hunt.columns().stream().flatMap(c -> c.words().stream()).distinct().toList());
  }

  /** The text it is about, where it is one of ours. */
  private static Optional<Hunts.Hunt> text(Prompt.Hunt hunt, Material material) {
    return material.hunts().of(hunt.sound()).stream()
        .filter(h -> h.passage().title().equals(hunt.title()))
        .findFirst();
  }

  /** Read by children, who know a word and not its signs. */
  private static String says(Prompt.Hunt hunt, Material material) {
    if (hunt.sound().isEmpty()) {
      return hunt.title();
    }
    String keyword = Sounds.keyword(hunt.sound(), material.accent());
    String as = keyword.isEmpty() ? "" : ", as in " + keyword;
    return "Find the words with /" + hunt.sound() + "/" + as + ".";
  }

  /** The text, then a column for each grapheme that spells the sound in it. */
  @Override
  public List<Form> forms(List<Prompt> items, Material material) {
    List<Form> forms = new ArrayList<>();
    for (Prompt item : items) {
      Prompt.Hunt hunt = hunt(item);
      Optional<Hunts.Hunt> text = text(hunt, material);
      text.ifPresent(h -> forms.add(new Form.Text(h.passage().title(), h.passage().text())));
      forms.add(
          new Form.Lists(
              says(hunt, material),
              text.map(h -> h.columns().stream().map(c -> c.grapheme()).toList())
                  .filter(heads -> !heads.isEmpty())
                  .orElse(List.of("")),
              hunt.words().size()));
    }
    return forms;
  }

  /** On a device the words are written one after the other. */
  @Override
  public List<Alone> alone(List<Prompt> items, Material material) {
    return items.stream()
        .map(HuntKind::hunt)
        .map(
            h ->
                new Alone("", says(h, material), "", List.of(), true)
                    .about(text(h, material).map(t -> t.passage().text()).orElse("")))
        .toList();
  }

  @Override
  protected double secondsEach(Prompt prompt) {
    return READING_SECONDS + WORD_SECONDS * answers(prompt).size();
  }

  @Override
  public List<Check> checks(List<Prompt> items, List<Focus> focus, Material material) {
    List<Check> found = new ArrayList<>(super.checks(items, focus, material));
    for (Prompt item : items) {
      List<String> untaught =
          answers(item).stream()
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
                item,
                "The words to find need " + String.join(", ", untaught) + ", not taught yet."));
      }
    }
    return found;
  }
}

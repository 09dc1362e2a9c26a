package dettato.block;

import dettato.exercise.Material;
import dettato.focus.Focus;
import dettato.mark.SentenceMarker.SentenceMark;
import dettato.text.Hunts;
import dettato.text.Passage;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;

/** Questions on a text whose words hold the focus: choose, or answer in a sentence. */
final class QuestionsBlock extends AskedBlock {
  private static final int MOST = 5;

  /** One of so many of the texts that hold most of the focus. */
  private static final int WINDOW = 6;

  private static final double SECONDS = 30;

  @Override
  public String id() {
    return "questions";
  }

  @Override
  public String title() {
    return "Questions on a text";
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
    return "The red kite: Where did it land? [in a tree | in the sea]";
  }

  @Override
  public List<Item> fill(Request request, Material material) {
    List<Hunts.Hunt> texts = new ArrayList<>(material.hunts().of(""));
    Collections.shuffle(texts, new Random(request.seed()));
    List<Item> items = new ArrayList<>();
    texts.stream()
        .filter(t -> t.passage().questions().size() > 1)
        .filter(
            t -> request.without().stream().noneMatch(w -> w.startsWith(t.passage().title() + ":")))
        .sorted(Comparator.comparingLong(t -> -held(t, request)))
        .limit(WINDOW)
        .min(Comparator.comparingInt(t -> t.read().untaught(material.step()).size()))
        .ifPresent(t -> t.passage().questions().forEach(q -> add(items, t.passage(), q, request)));
    return items;
  }

  private static long held(Hunts.Hunt text, Request request) {
    return request.focus().stream().mapToLong(f -> SentenceTargets.count(text.read(), f)).sum();
  }

  private static void add(
      List<Item> items, Passage passage, Passage.Question question, Request request) {
    AskedText asked =
        AskedText.of(
            passage.title() + ": " + question.asks(),
            List.of(question.answer()),
            question.others());
    Optional<Focus> focus = request.focus().stream().findFirst();
    if (items.size() < request.count() && asked.fits()) {
      items.add(new Item(asked.text(), Item.Role.FOCUS, focus, "the answer stands in the text"));
    }
  }

  /** A question on a text of ours; no text where it is not. */
  private record Asks(AskedText asked, String title, Optional<String> text) {
    static Asks of(Item item, Material material) {
      AskedText asked = AskedText.kept(item.text());
      int colon = asked.says().indexOf(": ");
      String title = colon < 0 ? "" : asked.says().substring(0, colon);
      return new Asks(
          asked,
          title,
          material.hunts().of("").stream()
              .filter(t -> t.passage().title().equals(title))
              .findFirst()
              .map(t -> t.passage().text()));
    }

    /** What may be chosen stands in the order of its letters. */
    Form form() {
      String asks = title.isEmpty() ? asked.says() : asked.says().substring(title.length() + 2);
      return asked.others().isEmpty()
          ? new Form.Room(asks, "", Form.Size.SENTENCE, 0)
          : new Form.Choice(
              asks,
              Stream.concat(asked.answers().stream(), asked.others().stream()).sorted().toList());
    }
  }

  /** The text once, then its questions. */
  @Override
  public List<Form> forms(List<Item> items, Material material) {
    List<Form> forms = new ArrayList<>();
    Set<String> titles = new HashSet<>();
    for (Item item : items) {
      Asks asks = Asks.of(item, material);
      if (titles.add(asks.title)) {
        asks.text.ifPresent(t -> forms.add(new Form.Text(asks.title, t)));
      }
      forms.add(asks.form());
    }
    return forms;
  }

  @Override
  public List<Alone> alone(List<Item> items, Material material) {
    return items.stream()
        .map(i -> Asks.of(i, material))
        .map(a -> Alone.of(a.form()).about(a.text.orElse("")))
        .toList();
  }

  @Override
  double secondsEach(AskedText asked) {
    return SECONDS;
  }

  /** The answer as it stands in the text; in a sentence, the signs of writing are judged too. */
  @Override
  public Judged judge(String text, String written, Markers markers) {
    AskedText asked = AskedText.kept(text);
    String answer = AskedText.plain(asked.answers().get(0));
    String given = AskedText.plain(written);
    boolean held = (" " + given + " ").contains(" " + answer + " ");
    String found = given.isEmpty() || !held ? given : answer;
    boolean sentence = held && given.split(" ").length > answer.split(" ").length;
    if (!sentence) {
      return Judged.ofParts(List.of(Judged.part(answer, found)));
    }
    SentenceMark mark = markers.sentences().mark(FreeSentence.meant(written), written);
    return new Judged(List.of(Judged.part(answer, found)), mark.conventions(), false);
  }

  @Override
  int pause(AskedText asked) {
    return 3 * asked.answers().get(0).toLowerCase(Locale.ROOT).split(" ").length + 10;
  }
}

package dettato.activity.questions;

import dettato.activity.Alone;
import dettato.activity.AnswerKind;
import dettato.activity.Form;
import dettato.activity.FreeSentence;
import dettato.activity.Item;
import dettato.activity.Judged;
import dettato.activity.Markers;
import dettato.activity.OwnLine;
import dettato.activity.Request;
import dettato.activity.Traits;
import dettato.activity.Traits.Answer;
import dettato.activity.Traits.Trait;
import dettato.choose.Material;
import dettato.choose.SentenceTargets;
import dettato.focus.Focus;
import dettato.mark.SentenceMarker.SentenceMark;
import dettato.prompt.Prompt;
import dettato.text.Hunts;
import dettato.text.Passage;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

/** Questions on a text whose words hold the focus: choose, or answer in a sentence. */
public final class QuestionsKind extends AnswerKind {
  private static final String ID = "questions";

  private static final double SECONDS = 30;
  private static final Traits TRAITS =
      Traits.of(ID, "Questions on a text", Answer.CHOICE)
          .asks("Read the text, then choose, or answer in a sentence.")
          .steps("read it", "ask", "write", "show")
          .line("The red kite: Where did it land? [in a tree | in the sea]")
          .count(3, 5)
          .forms(Form.Name.TEXT, Form.Name.CHOICE, Form.Name.ROOM)
          .with(Trait.MAY_REPEAT, Trait.LONG);

  @Override
  public Traits traits() {
    return TRAITS;
  }

  private static Prompt.Question question(Prompt prompt) {
    return (Prompt.Question) prompt;
  }

  @Override
  protected List<String> answers(Prompt prompt) {
    return question(prompt).answers();
  }

  @Override
  public Prompt own(String typed, Material material) {
    return Prompt.Question.of(OwnLine.answered(typed, TRAITS.example()));
  }

  @Override
  public List<Item> fill(Request request, Material material) {
    List<Hunts.Hunt> texts = new ArrayList<>(material.hunts().of(""));
    Collections.shuffle(texts, new Random(request.seed()));
    List<Item> items = new ArrayList<>();
    texts.stream()
        .filter(t -> t.passage().questions().size() > 1)
        .filter(t -> t.read().isTaught(material.step()))
        .filter(
            t -> request.without().stream().noneMatch(w -> w.startsWith(t.passage().title() + ":")))
        .sorted(Comparator.comparingLong(t -> -held(t, request)))
        .findFirst()
        .ifPresent(t -> t.passage().questions().forEach(q -> add(items, t.passage(), q, request)));
    return items;
  }

  private static long held(Hunts.Hunt text, Request request) {
    return request.focus().stream().mapToLong(f -> SentenceTargets.count(text.read(), f)).sum();
  }

  private static void add(
      List<Item> items, Passage passage, Passage.Question asked, Request request) {
    Prompt question =
        new Prompt.Question(passage.title(), asked.asks(), List.of(asked.answer()), asked.others());
    Optional<Focus> focus = request.focus().stream().findFirst();
    if (items.size() < request.count() && OwnLine.fits(question)) {
      items.add(new Item(question, Item.Role.FOCUS, focus, "the answer stands in the text"));
    }
  }

  /** The text it is about; nothing where it is none of ours. */
  private static Optional<String> text(Prompt.Question question, Material material) {
    return material.hunts().of("").stream()
        .filter(t -> t.passage().title().equals(question.title()))
        .findFirst()
        .map(t -> t.passage().text());
  }

  private static Form form(Prompt.Question question) {
    return question.others().isEmpty()
        ? new Form.Room(question.asked(), "", Form.Size.SENTENCE, 0)
        : new Form.Choice(question.asked(), question.options());
  }

  /** The text once, then its questions. */
  @Override
  public List<Form> forms(List<Prompt> items, Material material) {
    List<Form> forms = new ArrayList<>();
    Set<String> titles = new HashSet<>();
    for (Prompt item : items) {
      Prompt.Question question = question(item);
      if (titles.add(question.title())) {
        text(question, material).ifPresent(t -> forms.add(new Form.Text(question.title(), t)));
      }
      forms.add(form(question));
    }
    return forms;
  }

  @Override
  public List<Alone> alone(List<Prompt> items, Material material) {
    return items.stream()
        .map(QuestionsKind::question)
        .map(q -> Alone.of(form(q)).about(text(q, material).orElse("")))
        .toList();
  }

  @Override
  protected double secondsEach(Prompt prompt) {
    return SECONDS;
  }

  /** The answer as it stands in the text; in a sentence, the signs of writing are judged too. */
  @Override
  public Judged judge(Prompt prompt, String written, Markers markers) {
    String answer = plain(answers(prompt).get(0));
    String given = plain(written);
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
  protected int pause(List<String> answers) {
    return 3 * answers.get(0).split(" ").length + 10;
  }
}

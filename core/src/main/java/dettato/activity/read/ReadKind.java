package dettato.activity.read;

import dettato.activity.Activity;
import dettato.activity.Call;
import dettato.activity.Check;
import dettato.activity.Item;
import dettato.activity.Judged;
import dettato.activity.Markers;
import dettato.activity.Request;
import dettato.activity.Traits;
import dettato.activity.Traits.Answer;
import dettato.activity.Traits.Trait;
import dettato.choose.Material;
import dettato.focus.Focus;
import dettato.input.Unacceptable;
import dettato.plan.Pace;
import dettato.prompt.Prompt;
import dettato.text.Sentence;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** What was written, read back: once together and once alone. */
public final class ReadKind implements Activity {
  public static final String ID = "read";
  private static final int LONGEST = 300;
  private static final int TIMES = 2;
  private static final Traits TRAITS =
      Traits.of(ID, "Read back", Answer.ALOUD)
          .asks("Read what was written, together and alone.")
          .steps("together", "alone")
          .line("The words to read")
          .count(2, 6)
          .with(Trait.MAY_REPEAT, Trait.WITHOUT_FOCUS);

  @Override
  public Traits traits() {
    return TRAITS;
  }

  /** The session's words in another order, then its sentences. */
  @Override
  public List<Item> fill(Request request, Material material) {
    List<String> words = new ArrayList<>();
    List<String> sentences = new ArrayList<>();
    for (String text : request.soFar()) {
      (text.matches("[a-z'-]+") ? words : sentences).add(text);
    }
    Collections.shuffle(words, new Random(request.seed()));
    List<String> read = new ArrayList<>();
    String list = String.join(" ", words);
    if (!list.isEmpty()) {
      read.add(list.length() <= LONGEST ? list : list.substring(0, list.lastIndexOf(' ', LONGEST)));
    }
    sentences.stream().filter(s -> new Sentence(s).hasEndMark()).forEach(read::add);
    return read.stream()
        .limit(request.count())
        .map(
            t ->
                new Item(
                    new Prompt.Sentence(t),
                    Item.Role.REVIEW,
                    Optional.empty(),
                    "what was written today"))
        .toList();
  }

  @Override
  public Prompt own(String typed, Material material) {
    String one = typed.strip().replaceAll("\\s+", " ");
    if (Sentence.wordsOf(one).isEmpty() || one.length() > LONGEST) {
      throw new Unacceptable(
          "Write the words or the sentence to read, at most " + LONGEST + " letters.");
    }
    return new Prompt.Sentence(one);
  }

  @Override
  public Call call(Prompt prompt, Material material) {
    return new Call(prompt.text(), List.of(prompt.text()), 0);
  }

  /** A second a word, each time. */
  @Override
  public int seconds(Prompt prompt, Material material, Pace pace) {
    return pace.of(TIMES * (double) new Sentence(prompt.text()).words().size());
  }

  @Override
  public List<Check> checks(List<Prompt> items, List<Focus> focus, Material material) {
    return List.of();
  }

  @Override
  public Judged judge(Prompt prompt, String written, Markers markers) {
    return Judged.ofParts(List.of());
  }
}

package dettato.block;

import dettato.exercise.Material;
import dettato.focus.Focus;
import dettato.input.Unacceptable;
import dettato.plan.Pace;
import dettato.text.Sentence;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** What was written, read back: once together and once alone. */
final class ReadBlock implements BlockKind {
  private static final int MOST = 6;
  private static final int LONGEST = 300;
  private static final int TIMES = 2;

  @Override
  public String id() {
    return "read";
  }

  @Override
  public String title() {
    return "Read back";
  }

  @Override
  public int most() {
    return MOST;
  }

  @Override
  public boolean isSpoken() {
    return true;
  }

  @Override
  public boolean mayRepeat() {
    return true;
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
        .map(t -> new Item(t, Item.Role.REVIEW, Optional.empty(), "what was written today"))
        .toList();
  }

  @Override
  public String own(String text, Material material) {
    String one = text.strip().replaceAll("\\s+", " ");
    if (Sentence.wordsOf(one).isEmpty() || one.length() > LONGEST) {
      throw new Unacceptable(
          "Write the words or the sentence to read, at most " + LONGEST + " letters.");
    }
    return one;
  }

  @Override
  public Call call(Item item, Material material) {
    return new Call(item.text(), List.of(item.text()), 0);
  }

  /** A second a word, each time. */
  @Override
  public int seconds(Item item, Material material, Pace pace) {
    return pace.of(TIMES * (double) new Sentence(item.text()).words().size());
  }

  @Override
  public List<Check> checks(List<Item> items, List<Focus> focus, Material material) {
    return List.of();
  }

  @Override
  public Judged judge(String text, String written, Markers markers) {
    return Judged.ofParts(List.of());
  }
}

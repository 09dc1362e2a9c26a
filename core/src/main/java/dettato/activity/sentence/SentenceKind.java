package dettato.activity.sentence;

import dettato.activity.Activity;
import dettato.activity.Call;
import dettato.activity.Check;
import dettato.activity.Form;
import dettato.activity.Item;
import dettato.activity.Judged;
import dettato.activity.Markers;
import dettato.activity.Request;
import dettato.activity.Traits;
import dettato.activity.Traits.Answer;
import dettato.activity.Traits.Trait;
import dettato.choose.Material;
import dettato.choose.SentenceTargets;
import dettato.focus.Focus;
import dettato.input.Unacceptable;
import dettato.mark.SentenceMarker.SentenceMark;
import dettato.plan.Pace;
import dettato.prompt.Prompt;
import dettato.text.ReadSentence;
import dettato.text.Sentence;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Random;

/** Sentences to write: said twice, counted, held in memory, written. */
public final class SentenceKind implements Activity {
  public static final String ID = "sentence";
  private static final int LONGEST = 300;
  private static final int MOST_WORDS = 40;
  private static final Traits TRAITS =
      Traits.of(ID, "Sentence", Answer.SENTENCE)
          .asks("Say it, count its words, hold it, write it.")
          .steps("say it twice", "count words", "write", "show", "check and fix")
          .line("A sentence that holds what it is about")
          .count(1, 6)
          .with(Trait.READ_BACK, Trait.MAY_REPEAT, Trait.LONG, Trait.BY_WORD, Trait.NOT_REVIEWED);

  @Override
  public Traits traits() {
    return TRAITS;
  }

  /** Sentences that hold the focus and need nothing that is not taught, the fullest first. */
  @Override
  public List<Item> fill(Request request, Material material) {
    List<Item> chosen = new ArrayList<>();
    Random random = new Random(request.seed());
    for (Focus focus : request.focus()) {
      List<ReadSentence> shuffled = new ArrayList<>(material.sentences().all());
      Collections.shuffle(shuffled, random);
      shuffled.stream()
          .filter(s -> SentenceTargets.isFree(s.sentence(), request.without()))
          .map(s -> Held.of(s, focus, material))
          .filter(h -> h.targets > 0 && h.untaught == 0)
          .sorted(Comparator.comparingInt(h -> h.targets > 1 ? 0 : 1))
          .limit(Math.max(0, request.count() - chosen.size()))
          .forEach(
              h -> chosen.add(Item.about(new Prompt.Sentence(h.read.sentence().text()), focus)));
    }
    return chosen;
  }

  /** A sentence, how many of its words are not taught, and how many have the focus. */
  private record Held(ReadSentence read, long untaught, long targets) {
    static Held of(ReadSentence read, Focus focus, Material material) {
      long targets = SentenceTargets.count(read, focus);
      long untaught =
          targets == 0 ? 0 : read.unknown().size() + read.untaught(material.step()).size();
      return new Held(read, untaught, targets);
    }
  }

  @Override
  public Prompt own(String typed, Material material) {
    String sentence = typed.strip().replaceAll("\\s+", " ");
    if (sentence.length() > LONGEST || Sentence.wordsOf(sentence).size() > MOST_WORDS) {
      throw new Unacceptable(
          "A sentence has at most %d letters and %d words. Make two of it."
              .formatted(LONGEST, MOST_WORDS));
    }
    if (Sentence.wordsOf(sentence).isEmpty()) {
      throw new Unacceptable(
          "'" + sentence + "' has no letters a to z. Write the sentence you will dictate.");
    }
    return new Prompt.Sentence(sentence);
  }

  @Override
  public Call call(Prompt prompt, Material material) {
    int words = new Sentence(prompt.text()).words().size();
    return new Call(prompt.text(), List.of(prompt.text()), Pace.sentencePause(words));
  }

  @Override
  public List<Form> forms(List<Prompt> items, Material material) {
    return items.stream().<Form>map(i -> new Form.Room("", "", Form.Size.SENTENCE, 0)).toList();
  }

  @Override
  public int seconds(Prompt prompt, Material material, Pace pace) {
    return pace.sentence(new Sentence(prompt.text()).words().size());
  }

  @Override
  public List<Check> checks(List<Prompt> items, List<Focus> focus, Material material) {
    List<Check> found = new ArrayList<>();
    for (Prompt item : items) {
      Sentence sentence = new Sentence(item.text());
      if (!focus.isEmpty()
          && focus.stream().noneMatch(f -> SentenceTargets.holds(sentence, f, material))) {
        found.add(
            Check.at(
                Check.Kind.NO_TARGET,
                item,
                "The sentence holds no word of " + focus.get(0).title() + "."));
      }
      if (!sentence.hasEndMark()) {
        found.add(Check.at(Check.Kind.NO_END_MARK, item, "The sentence has no end mark."));
      }
      List<String> untaught = SentenceTargets.untaught(sentence, material);
      if (!untaught.isEmpty()) {
        found.add(
            Check.at(
                Check.Kind.UNTAUGHT,
                item,
                "The sentence needs " + String.join(", ", untaught) + ", not taught yet."));
      }
    }
    return found;
  }

  @Override
  public Judged judge(Prompt prompt, String written, Markers markers) {
    SentenceMark mark = markers.sentences().mark(prompt.text(), written);
    return new Judged(mark.words(), mark.conventions());
  }
}

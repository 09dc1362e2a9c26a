package dettato.activity.words;

import dettato.activity.Item;
import dettato.activity.Request;
import dettato.choose.FocusWords;
import dettato.choose.Material;
import dettato.find.RivalChooser;
import dettato.focus.Focus;
import dettato.plan.Choice;
import dettato.plan.Unpredictable;
import dettato.prompt.Prompt;
import dettato.rule.Condition;
import dettato.rule.RuleBook;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

/**
 * Words for an assessment: one for every condition of each rule, one for every rival grapheme, in
 * no order that could be guessed.
 */
final class OneOfEach implements Focus.Cases<List<Item>> {
  /** Of a condition's words, one of so many of the best known. */
  private static final int WINDOW = 5;

  private static final int IRREGULAR = 4;

  private final Request request;
  private final Material material;
  private final Set<String> taken;
  private final Random random;

  private OneOfEach(Request request, Material material) {
    this.request = request;
    this.material = material;
    this.taken = new HashSet<>(request.without());
    this.random = new Random(request.seed());
  }

  static List<Item> items(Request request, Material material) {
    OneOfEach each = new OneOfEach(request, material);
    List<Item> all = new ArrayList<>();
    request.focus().forEach(f -> all.addAll(f.read(each)));
    Collections.shuffle(all, each.random);
    return all;
  }

  @Override
  public List<Item> rule(String id) {
    List<Choice> choices =
        material.chooser().candidates(id, material.step()).stream()
            .filter(Choice::isTaught)
            .sorted(
                Comparator.<Choice>comparingInt(c -> c.word().clue().isEmpty() ? 1 : 0)
                    .thenComparingInt(c -> c.word().commonness())
                    .thenComparingInt(c -> c.word().cut().size()))
            .toList();
    List<List<Item>> bySide = List.of(new ArrayList<>(), new ArrayList<>());
    for (Condition condition : RuleBook.of(id).conditions()) {
      List<Choice> fitting =
          choices.stream()
              .filter(c -> c.at().condition().id().equals(condition.id()))
              .filter(c -> !taken.contains(c.word().spelling()))
              .limit(WINDOW)
              .toList();
      if (!fitting.isEmpty()) {
        Choice one = fitting.get(random.nextInt(fitting.size()));
        bySide
            .get(condition.side().isSpecial() ? 0 : 1)
            .add(item(one.word(), new Focus.Rule(id), condition.says()));
      }
    }
    return Unpredictable.mix(bySide, random);
  }

  @Override
  public List<Item> rivals(String sound, List<String> graphemes) {
    Focus focus = new Focus.Rivals(sound, graphemes);
    return material
        .rivals()
        .choose(
            new RivalChooser.Request(
                sound, graphemes, graphemes.size(), material.step(), taken, request.seed()))
        .stream()
        .map(w -> item(w, focus, ""))
        .toList();
  }

  @Override
  public List<Item> irregular() {
    return new FocusWords(IRREGULAR, taken, Set.of(), false, request.seed(), material)
        .irregular().stream().map(w -> item(w, new Focus.Irregular(), "")).toList();
  }

  private Item item(Word word, Focus focus, String why) {
    taken.add(word.spelling());
    return new Item(
        new Prompt.Word(word.spelling()), Item.Role.ASSESSED, Optional.of(focus), Item.brief(why));
  }
}

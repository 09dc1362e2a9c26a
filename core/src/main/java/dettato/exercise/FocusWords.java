package dettato.exercise;

import dettato.find.RivalChooser;
import dettato.focus.Focus;
import dettato.plan.WordChooser;
import dettato.rule.RuleBook;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Words for one focus: both sides of a rule, as many of each rival grapheme, or irregular words.
 *
 * @param without spellings not to be taken
 * @param seed the same seed gives the same words
 */
public record FocusWords(int count, Set<String> without, long seed, Material material)
    implements Focus.Cases<List<Word>> {
  private static final int WINDOW = 6;

  @Override
  public List<Word> rule(String id) {
    return material
        .chooser()
        .choose(new WordChooser.Request(id, count, material.step(), false, without, seed))
        .stream()
        .map(c -> c.word())
        .toList();
  }

  @Override
  public List<Word> rivals(String sound, List<String> graphemes) {
    return material
        .rivals()
        .choose(new RivalChooser.Request(sound, graphemes, count, material.step(), without, seed));
  }

  /** The commonest that break a firm rule, drawn from several times as many as are needed. */
  @Override
  public List<Word> irregular() {
    List<Word> some =
        material.exercises().proposed().stream()
            .filter(w -> !without.contains(w.spelling()))
            .filter(w -> RuleBook.broken(w) > 0)
            .limit((long) count * WINDOW)
            .collect(Collectors.toCollection(ArrayList::new));
    Collections.shuffle(some, new Random(seed));
    return some.subList(0, Math.min(some.size(), count));
  }
}

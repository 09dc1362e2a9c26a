package dettato.activity.gap;

import dettato.choose.Material;
import dettato.choose.Task;
import dettato.choose.Tasks;
import dettato.choose.TaughtWords;
import dettato.choose.Wanted;
import dettato.focus.Focus;
import dettato.focus.FocusAt;
import dettato.plan.Unpredictable;
import dettato.text.ReadSentence;
import dettato.text.Sentence;
import dettato.text.SentenceReader;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Random;

/**
 * Sentences with a word left out: of the set's words exactly one fits each by grammar and sense.
 * What could stand in a place is data of the place, so that the set can be checked.
 */
final class Gaps implements Tasks {
  private final Map<Gap, ReadSentence> read = new LinkedHashMap<>();

  Gaps(SentenceReader reader) {
    Gap.shipped().forEach(gap -> read.put(gap, reader.read(new Sentence(gap.whole()))));
  }

  @Override
  public List<Task> make(Wanted wanted, Material material) {
    Random random = new Random(wanted.seed());
    List<Gap> all = new ArrayList<>(read.keySet());
    Collections.shuffle(all, random);
    Map<String, List<Gap>> sides = new LinkedHashMap<>();
    for (Gap gap : all) {
      if (!wanted.without().contains(gap.word()) && isTaught(gap, material)) {
        side(material.word().apply(gap.word()), wanted.focus(), material)
            .ifPresent(s -> sides.computeIfAbsent(s, k -> new ArrayList<>()).add(gap));
      }
    }
    List<List<Gap>> groups = together(new ArrayList<>(sides.values()), wanted.count());
    List<Gap> set = Unpredictable.mix(groups, random);
    List<String> box = TaughtWords.shuffled(set.stream().map(Gap::word).toList(), random);
    return set.stream().map(g -> task(g, box, wanted, material)).toList();
  }

  /** Takes from each side in turn what can stand together: no word in another's place. */
  private static List<List<Gap>> together(List<List<Gap>> sides, int count) {
    List<List<Gap>> groups = sides.stream().<List<Gap>>map(s -> new ArrayList<>()).toList();
    List<Gap> set = new ArrayList<>();
    boolean any = true;
    while (any && set.size() < count) {
      any = false;
      for (int s = 0; s < sides.size() && set.size() < count; s++) {
        Optional<Gap> next = sides.get(s).stream().filter(g -> isApart(g, set)).findFirst();
        if (next.isPresent()) {
          sides.get(s).remove(next.get());
          groups.get(s).add(next.get());
          set.add(next.get());
          any = true;
        }
      }
    }
    return groups;
  }

  private static boolean isApart(Gap gap, List<Gap> set) {
    return set.stream().noneMatch(g -> g.takes(gap) || gap.takes(g));
  }

  private boolean isTaught(Gap gap, Material material) {
    return TaughtWords.isTaught(material.word().apply(gap.word()), material)
        && Objects.requireNonNull(read.get(gap)).untaught(material.step()).isEmpty();
  }

  /** What a word asks of the focus; nothing when it has none of it. */
  private static Optional<String> side(Word word, Optional<Focus> focus, Material material) {
    if (focus.isEmpty()) {
      return Optional.of("");
    }
    if (!TaughtWords.isAsked(word, focus, material)) {
      return Optional.empty();
    }
    return FocusAt.of(focus.get(), word, material.accent())
        .map(at -> at.asks())
        .or(() -> Optional.of(""));
  }

  private static Task task(Gap gap, List<String> box, Wanted wanted, Material material) {
    String why = TaughtWords.why(material.word().apply(gap.word()), wanted.focus(), material);
    return new Task(
        gap.word(),
        gap.asked(),
        List.of(gap.word()),
        box,
        why.isEmpty() ? "of the box, only this word makes sense here" : why);
  }
}

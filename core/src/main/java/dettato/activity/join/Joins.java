package dettato.activity.join;

import dettato.choose.Material;
import dettato.choose.Task;
import dettato.choose.Tasks;
import dettato.choose.TaughtWords;
import dettato.choose.Wanted;
import dettato.word.Join;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/** A base and an ending to be joined: hop and -ing. Both sides of a joining rule. */
final class Joins implements Tasks {
  private static final int MORE = 6;
  private static final List<String> RULES =
      List.of("double-before-ending", "drop-e", "y-to-i", "plural-es");

  private final TaughtWords words;

  Joins(TaughtWords words) {
    this.words = words;
  }

  @Override
  public List<Task> make(Wanted wanted, Material material) {
    List<Word> onFocus =
        wanted.focus().isEmpty()
            ? List.of()
            : joined(words.some(wanted, wanted.count() * MORE, material));
    List<Word> some = new ArrayList<>(onFocus);
    for (int r = 0; r < RULES.size() && some.size() < wanted.count(); r++) {
      Wanted of =
          wanted.about(
              RULES.get((r + (int) Math.abs(wanted.seed() % RULES.size())) % RULES.size()));
      joined(words.some(of, wanted.count(), material)).stream()
          .filter(Predicate.not(some::contains))
          .limit((wanted.count() + 1) / 2)
          .forEach(some::add);
    }
    return some.stream().limit(wanted.count()).map(w -> task(w, wanted, material)).toList();
  }

  private static List<Word> joined(List<Word> words) {
    return words.stream().filter(w -> w.join().isPresent() && w.apostrophe() < 0).toList();
  }

  private static Task task(Word word, Wanted wanted, Material material) {
    Join join = word.join().orElseThrow();
    String why = TaughtWords.why(word, wanted.focus(), material);
    return Task.open(
        word.spelling(),
        join.apart(),
        List.of(word.spelling()),
        why.isEmpty() ? told(join.change()) : why);
  }

  private static String told(Join.Change change) {
    return switch (change) {
      case NONE -> "nothing changes where they meet";
      case DOUBLED -> "the last letter is doubled";
      case E_DROPPED -> "the e is dropped";
      case Y_TO_I -> "y becomes i";
      case F_TO_V -> "f becomes v";
    };
  }
}

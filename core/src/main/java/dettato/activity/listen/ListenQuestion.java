package dettato.activity.listen;

import dettato.choose.Task;
import dettato.word.Word;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** One kind of question for the ear. */
interface ListenQuestion {
  /** The question about a word; nothing when the word does not suit it. */
  Optional<Task> of(Word word);

  /** Sounds as a teacher says them, one after the other. */
  static String apart(List<String> sounds) {
    return sounds.stream().map(s -> "/" + s + "/").collect(Collectors.joining(" "));
  }

  /** Whether a word has about as many sounds as a level asks: three; four; five and more. */
  static boolean suits(int sounds, int level) {
    return switch (level) {
      case 1 -> sounds == 2 || sounds == 3;
      case 2 -> sounds == 4;
      default -> sounds > 4 && sounds < 8;
    };
  }
}

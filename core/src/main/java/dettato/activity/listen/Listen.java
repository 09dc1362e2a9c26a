package dettato.activity.listen;

import dettato.choose.Material;
import dettato.choose.Task;
import dettato.choose.Tasks;
import dettato.choose.TaughtWords;
import dettato.choose.Wanted;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/**
 * Questions for the ear, answered aloud, in three levels: words of a few sounds; clusters and two
 * beats; longer words and sounds inside a cluster. Each has exactly one right answer.
 */
final class Listen implements Tasks {
  private final TaughtWords words;
  private final SpokenForms forms;

  Listen(TaughtWords words, SpokenForms forms) {
    this.words = words;
    this.forms = forms;
  }

  /** The questions in turn, each of a word that fits it, no word twice. */
  @Override
  public List<Task> make(Wanted wanted, Material material) {
    List<Word> known =
        words.known(material, wanted.without()).stream()
            .filter(w -> w.apostrophe() < 0 && forms.isAlone(w))
            .filter(w -> TaughtWords.isAsked(w, wanted.focus(), material))
            .toList();
    List<Word> pool = TaughtWords.drawn(known, known.size(), wanted.seed());
    List<ListenQuestion> questions = questions(wanted);
    List<Task> tasks = new ArrayList<>();
    List<Word> left = new ArrayList<>(pool);
    int failed = 0;
    for (int q = 0; tasks.size() < wanted.count() && failed < questions.size(); q++) {
      Optional<Task> made = first(questions.get(q % questions.size()), left);
      failed = made.isPresent() ? 0 : failed + 1;
      made.ifPresent(tasks::add);
    }
    return tasks;
  }

  private List<ListenQuestion> questions(Wanted wanted) {
    Random random = new Random(wanted.seed());
    List<Word> others =
        TaughtWords.drawn(
            words.proposed().stream()
                .filter(w -> w.commonness() == 1 && w.isOneBeat() && w.join().isEmpty())
                .filter(w -> w.cut().size() == 3 && forms.isAlone(w))
                .toList(),
            Integer.MAX_VALUE,
            wanted.seed());
    int level = wanted.level();
    return List.of(
        new BlendSounds(forms, level),
        new SayWhere(forms, level, random),
        new TakeAway(forms, level),
        new SoundsLike(forms, level, others, random),
        new CountBeats(level),
        new SaySounds(forms, level),
        new ShareWhat(forms, level, others, random));
  }

  private static Optional<Task> first(ListenQuestion question, List<Word> left) {
    for (Iterator<Word> words = left.iterator(); words.hasNext(); ) {
      Optional<Task> task = question.of(words.next());
      if (task.isPresent()) {
        words.remove();
        return task;
      }
    }
    return Optional.empty();
  }
}

package dettato.activity;

import dettato.activity.Traits.Answer;
import dettato.activity.Traits.Trait;
import dettato.choose.Sources;
import dettato.choose.TaskBook;
import dettato.choose.Tasks;
import dettato.input.ById;
import dettato.prompt.Prompt;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The kinds of activity there are, in the order they are offered. */
public final class Activities {
  private final List<Activity> all;

  public Activities(List<Activity> all) {
    this.all = List.copyOf(all);
  }

  /** Those a session is made of. */
  public List<Activity> kinds() {
    return all.stream().filter(k -> !k.traits().has(Trait.SHELF_ONLY)).toList();
  }

  /** Those and the ones that only have tasks. */
  public List<Activity> all() {
    return all;
  }

  /**
   * The kind with this id.
   *
   * @throws dettato.input.Unacceptable naming the kinds there are
   */
  public Activity of(String id) {
    return ById.find(all, Activity::id, id, "kind of activity");
  }

  /** The first that is answered so, as a plain word and a plain sentence are. */
  public Activity answeredBy(Answer answer) {
    return all.stream().filter(k -> k.traits().answer() == answer).findFirst().orElseThrow();
  }

  /** What an attempt from elsewhere answers: a sentence or a word, as its kind is answered. */
  public Prompt plain(String kind, String target) {
    return of(kind).traits().answer() == Answer.SENTENCE
        ? new Prompt.Sentence(target)
        : new Prompt.Word(target);
  }

  /** What makes tasks in one language. */
  public TaskBook tasks(Sources sources) {
    Map<String, Tasks> made = new LinkedHashMap<>();
    all.forEach(k -> k.tasks(sources).ifPresent(t -> made.put(k.id(), t)));
    return new TaskBook(sources, made);
  }
}

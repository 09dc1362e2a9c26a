package dettato.app.marking;

import dettato.app.language.Languages;
import dettato.sound.Accents;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.task.TaskExecutor;
import org.springframework.stereotype.Component;

/** Marks some words beside the first requests, so that the first file is no slower than others. */
@Component
class WarmMarks {
  private final MarkStore marks;
  private final Languages languages;
  private final TaskExecutor executor;

  WarmMarks(MarkStore marks, Languages languages, TaskExecutor executor) {
    this.marks = marks;
    this.languages = languages;
    this.executor = executor;
  }

  @EventListener(ApplicationReadyEvent.class)
  void warmUp() {
    executor.execute(() -> marks.warmUp(languages.of(Accents.SOUTHERN_BRITISH)));
  }
}

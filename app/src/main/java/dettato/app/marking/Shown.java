package dettato.app.marking;

import dettato.activity.Judged;
import dettato.engine.Engine;
import dettato.mark.Mark;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;

/** A judgement as the pages draw it: of a word, or of several. */
record Shown(@Nullable MarkView mark, @Nullable SentenceView sentence) {
  static final Shown NOTHING = new Shown(null, null);

  static Shown plain(Judged judged, String target, Engine engine) {
    return of(judged, target, (m, t) -> MarkView.plain(m, t, engine.accent()));
  }

  static Shown explained(Judged judged, String target, Engine engine) {
    return of(judged, target, (m, t) -> MarkView.explained(m, t, engine));
  }

  private static Shown of(Judged judged, String target, BiFunction<Mark, String, MarkView> view) {
    boolean oneWord = judged.conventions().isEmpty() && judged.words().size() == 1;
    return oneWord && judged.words().get(0).mark().isPresent()
        ? new Shown(view.apply(judged.words().get(0).mark().get(), target), null)
        : new Shown(null, SentenceView.of(judged, view));
  }
}

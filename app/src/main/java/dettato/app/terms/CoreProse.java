package dettato.app.terms;

import dettato.choose.Task;
import dettato.notation.Drawing;
import dettato.notation.Legend;
import dettato.profile.ChoiceBook;
import dettato.session.Template;
import dettato.text.TextCheck;
import org.springframework.boot.jackson.JsonMixin;

/** Which texts of the core's own types explain something. */
final class CoreProse {
  private CoreProse() {}

  @JsonMixin(Task.class)
  interface InTask {
    @Prose
    String why();
  }

  @JsonMixin(Template.class)
  interface InTemplate {
    @Prose
    String name();

    @Prose
    String says();
  }

  @JsonMixin(ChoiceBook.Choice.class)
  interface InChoice {
    @Prose
    String title();
  }

  @JsonMixin(ChoiceBook.Shown.class)
  interface InShown {
    @Prose
    String title();

    @Prose
    String changes();

    @Prose
    String example();
  }

  @JsonMixin(Drawing.class)
  interface InDrawing {
    @Prose
    String says();
  }

  @JsonMixin(Legend.Entry.class)
  interface InEntry {
    @Prose
    String title();
  }

  @JsonMixin(TextCheck.Warning.class)
  interface InWarning {
    @Prose
    String says();
  }
}

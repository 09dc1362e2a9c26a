package dettato.app.terms;

import dettato.app.school.OpenClass;
import dettato.profile.Terms;
import org.springframework.stereotype.Component;

/** The words of the class whose pages are open; ours where there is none. */
@Component
class AskedTerms {
  private final OpenClass open;

  AskedTerms(OpenClass open) {
    this.open = open;
  }

  /** The words of this request. */
  Terms now() {
    return open.now().map(c -> Terms.of(c.choices().terms())).orElse(Terms.OURS);
  }
}

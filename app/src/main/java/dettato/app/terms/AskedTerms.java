package dettato.app.terms;

import dettato.app.school.OpenClass;
import dettato.profile.Terms;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;

/** The words of the class whose pages are open; ours where there is none. */
@Component
@RequiredArgsConstructor
class AskedTerms {
  private final OpenClass open;

  /** The words of this request. */
  Terms now() {
    return open.now().map(c -> Terms.of(c.choices().terms())).orElse(Terms.OURS);
  }
}

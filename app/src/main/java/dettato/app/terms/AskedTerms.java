package dettato.app.terms;

import dettato.app.school.OpenClass;
import dettato.app.school.SchoolClass;
import dettato.profile.Wording;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;

/** The words of the class whose pages are open; ours where there is none. */
@Component
@RequiredArgsConstructor
class AskedTerms {
  private final OpenClass open;

  /** The words of this request. */
  Wording now() {
    return open.now().map(SchoolClass::wording).orElse(Wording.OURS);
  }
}

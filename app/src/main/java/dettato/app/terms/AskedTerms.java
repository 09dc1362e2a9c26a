package dettato.app.terms;

import dettato.app.account.Teacher;
import dettato.app.school.ClassTerms;
import dettato.profile.Terms;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/**
 * The words of the class that a request names in its header {@code Dettato-Class}; ours where it
 * names none, or one that is not this teacher's.
 */
@Component
public class AskedTerms {
  /** The header with the id of the class whose pages are open. */
  public static final String HEADER = "Dettato-Class";

  private static final String KEPT = AskedTerms.class.getName();

  private final ClassTerms classes;

  AskedTerms(ClassTerms classes) {
    this.classes = classes;
  }

  /** The words of this request; looked up once. */
  public Terms now() {
    if (!(RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes asked)) {
      return Terms.OURS;
    }
    if (asked.getAttribute(KEPT, RequestAttributes.SCOPE_REQUEST) instanceof Terms known) {
      return known;
    }
    Terms found = find(asked.getRequest().getHeader(HEADER));
    asked.setAttribute(KEPT, found, RequestAttributes.SCOPE_REQUEST);
    return found;
  }

  private Terms find(@Nullable String id) {
    Authentication login = SecurityContextHolder.getContext().getAuthentication();
    return id != null
            && id.matches("\\d{1,18}")
            && login != null
            && login.getPrincipal() instanceof Teacher teacher
        ? classes.of(Long.parseLong(id), teacher)
        : Terms.OURS;
  }
}

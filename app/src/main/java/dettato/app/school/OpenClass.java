package dettato.app.school;

import dettato.app.account.Teacher;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/**
 * The class whose pages are open, as a request names it in its header {@code Dettato-Class}; none
 * where it names none, or one that is not this teacher's.
 */
@Component
@RequiredArgsConstructor
public class OpenClass {
  private static final String HEADER = "Dettato-Class";
  private static final String KEPT = OpenClass.class.getName();

  private final ClassRows rows;
  private final Orders orders;

  /** Looked up once a request; its children and its name are not told anew. */
  @Transactional(readOnly = true)
  public Optional<SchoolClass> now() {
    if (!(RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes asked)) {
      return Optional.empty();
    }
    if (asked.getAttribute(KEPT, RequestAttributes.SCOPE_REQUEST) instanceof Optional<?> known) {
      return known.map(SchoolClass.class::cast);
    }
    Optional<SchoolClass> found =
        Optional.ofNullable(asked.getRequest().getHeader(HEADER))
            .filter(id -> id.matches("\\d{1,18}"))
            .flatMap(id -> teacher().flatMap(t -> of(Long.parseLong(id), t)));
    asked.setAttribute(KEPT, found, RequestAttributes.SCOPE_REQUEST);
    return found;
  }

  private Optional<SchoolClass> of(long id, Teacher teacher) {
    return rows.taughtBy(id, teacher.id()).stream()
        .map(f -> f.profile().of(f.row(), orders))
        .findFirst();
  }

  private static Optional<Teacher> teacher() {
    Authentication login = SecurityContextHolder.getContext().getAuthentication();
    return login != null && login.getPrincipal() instanceof Teacher teacher
        ? Optional.of(teacher)
        : Optional.empty();
  }
}

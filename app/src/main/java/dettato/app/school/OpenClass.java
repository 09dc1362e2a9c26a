package dettato.app.school;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import dettato.app.account.Teacher;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
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
public class OpenClass {
  private static final String HEADER = "Dettato-Class";
  private static final String KEPT = OpenClass.class.getName();

  /** So many classes are open at once in a school. */
  private static final int OPEN_AT_ONCE = 100;

  private final ClassRows rows;
  private final ProfileRows profiles;
  private final Orders orders;

  /** As their profiles were at a version: asked for with every key that is typed. */
  private final Cache<Known, SchoolClass> made =
      Caffeine.newBuilder().maximumSize(OPEN_AT_ONCE).build();

  private record Known(long classId, long version) {}

  OpenClass(ClassRows rows, ProfileRows profiles, Orders orders) {
    this.rows = rows;
    this.profiles = profiles;
    this.orders = orders;
  }

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
    return profiles
        .versionFor(id, teacher.id())
        .flatMap(version -> Optional.ofNullable(made.get(new Known(id, version), this::made)));
  }

  private @Nullable SchoolClass made(Known known) {
    return rows.findById(known.classId)
        .flatMap(row -> profiles.findById(row.id()).map(p -> p.of(row, orders)))
        .orElse(null);
  }

  private static Optional<Teacher> teacher() {
    Authentication login = SecurityContextHolder.getContext().getAuthentication();
    return login != null && login.getPrincipal() instanceof Teacher teacher
        ? Optional.of(teacher)
        : Optional.empty();
  }
}

package dettato.app.engine;

import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/**
 * Editions of the school's own words. The number is a row in the database, so that whoever works on
 * the same database sees what another has changed.
 */
@Component
@RequiredArgsConstructor
class Editions {
  private static final String READ = Editions.class.getName();

  /**
   * Stands where the edition would, once a request has changed it: the change may be taken back.
   */
  private static final String CHANGED = "changed";

  private final EditionRows rows;

  /** The edition that stands; a request works with one from beginning to end. */
  @Transactional(readOnly = true)
  public long now() {
    RequestAttributes asked = RequestContextHolder.getRequestAttributes();
    if (asked == null) {
      return rows.number();
    }
    if (asked.getAttribute(READ, RequestAttributes.SCOPE_REQUEST) instanceof Long known) {
      return known;
    }
    long number = rows.number();
    if (asked.getAttribute(READ, RequestAttributes.SCOPE_REQUEST) == null) {
      asked.setAttribute(READ, number, RequestAttributes.SCOPE_REQUEST);
    }
    return number;
  }

  /** Begins the next one with the change that is being made. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void advance() {
    rows.hold().advance();
    RequestAttributes asked = RequestContextHolder.getRequestAttributes();
    if (asked != null) {
      asked.setAttribute(READ, CHANGED, RequestAttributes.SCOPE_REQUEST);
    }
  }
}

package dettato.app.problem;

import dettato.input.Unacceptable;
import jakarta.validation.ConstraintViolationException;
import java.sql.SQLException;
import java.util.Set;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.HandlerMethodValidationException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Turns every failure into a problem document (RFC 9457). */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {
  private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

  /** A key that is there already, or one that is gone; the last is H2's own. */
  private static final Set<String> OF_TWO = Set.of("23505", "23503", "23506");

  @ExceptionHandler
  ResponseEntity<ProblemDetail> problem(Problem problem) {
    ProblemDetail detail = ProblemDetail.forStatusAndDetail(problem.status(), problem.getMessage());
    problem.more().forEach(detail::setProperty);
    HttpHeaders headers = new HttpHeaders();
    problem
        .rest()
        .ifPresent(r -> headers.set(HttpHeaders.RETRY_AFTER, String.valueOf(r.toSeconds())));
    return new ResponseEntity<>(detail, headers, problem.status());
  }

  /** What somebody typed; any other bad argument is a mistake of ours, and not hidden as theirs. */
  @ExceptionHandler
  ProblemDetail unacceptable(Unacceptable wrong) {
    return ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, wrong.getMessage());
  }

  @ExceptionHandler
  ProblemDetail invalid(ConstraintViolationException wrong) {
    return ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, wrong.getMessage());
  }

  @ExceptionHandler
  ProblemDetail denied(AccessDeniedException wrong) {
    return ProblemDetail.forStatusAndDetail(
        HttpStatus.FORBIDDEN, "You may not do this. Ask whoever looks after Dettato here.");
  }

  /** Two writes met; one of them is kept. */
  @ExceptionHandler
  ProblemDetail met(ConcurrencyFailureException late) {
    LOG.debug("Two writes met", late);
    return changedElsewhere();
  }

  /** So do two that would make the same thing, or one that needs what the other took away. */
  @ExceptionHandler
  ProblemDetail refused(DataIntegrityViolationException wrong) {
    if (isOfTwo(wrong)) {
      LOG.debug("Two writes met", wrong);
      return changedElsewhere();
    }
    return unexpected(wrong);
  }

  private static boolean isOfTwo(DataIntegrityViolationException wrong) {
    for (Throwable cause = wrong; cause != null; cause = cause.getCause()) {
      if (cause instanceof SQLException sql && sql.getSQLState() != null) {
        return OF_TWO.contains(sql.getSQLState());
      }
    }
    return wrong instanceof DuplicateKeyException;
  }

  private static ProblemDetail changedElsewhere() {
    return ProblemDetail.forStatusAndDetail(
        HttpStatus.CONFLICT,
        "It was changed elsewhere at the same moment. Look at what stands there now, then try"
            + " again.");
  }

  @ExceptionHandler
  ProblemDetail unexpected(Exception failure) {
    LOG.error("A request failed", failure);
    return ProblemDetail.forStatusAndDetail(
        HttpStatus.INTERNAL_SERVER_ERROR,
        "Something went wrong on our side; what was saved before is safe. Try again.");
  }

  @Override
  protected ResponseEntity<Object> handleHttpMessageNotReadable(
      HttpMessageNotReadableException wrong,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    Throwable cause = wrong.getMostSpecificCause();
    if (cause instanceof Problem problem) {
      return answer(problem.status(), String.valueOf(problem.getMessage()), headers);
    }
    if (cause instanceof Unacceptable) {
      return answer(HttpStatus.BAD_REQUEST, String.valueOf(cause.getMessage()), headers);
    }
    String where = cause.getMessage();
    String line = where == null ? "" : where.lines().findFirst().orElse("");
    return answer(
        HttpStatus.BAD_REQUEST, "The body is not the JSON expected here: " + line, headers);
  }

  @Override
  protected ResponseEntity<Object> handleMethodArgumentNotValid(
      MethodArgumentNotValidException wrong,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    String fields =
        wrong.getFieldErrors().stream()
            .map(f -> f.getField() + " " + f.getDefaultMessage())
            .sorted()
            .collect(Collectors.joining("; "));
    return answer(HttpStatus.BAD_REQUEST, fields, headers);
  }

  @Override
  protected ResponseEntity<Object> handleHandlerMethodValidationException(
      HandlerMethodValidationException wrong,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    String fields =
        wrong.getParameterValidationResults().stream()
            .flatMap(
                p ->
                    p.getResolvableErrors().stream()
                        .map(
                            e ->
                                p.getMethodParameter().getParameterName()
                                    + " "
                                    + e.getDefaultMessage()))
            .sorted()
            .collect(Collectors.joining("; "));
    return answer(HttpStatus.BAD_REQUEST, fields, headers);
  }

  private static ResponseEntity<Object> answer(
      HttpStatus status, String detail, HttpHeaders headers) {
    return new ResponseEntity<>(ProblemDetail.forStatusAndDetail(status, detail), headers, status);
  }
}

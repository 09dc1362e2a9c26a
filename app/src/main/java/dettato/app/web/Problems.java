package dettato.app.web;

import jakarta.validation.ConstraintViolationException;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Turns every failure into a problem document (RFC 9457). */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {
  private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

  @ExceptionHandler
  ProblemDetail problem(Problem problem) {
    return ProblemDetail.forStatusAndDetail(problem.status(), problem.getMessage());
  }

  @ExceptionHandler
  ProblemDetail badValue(IllegalArgumentException wrong) {
    return ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, wrong.getMessage());
  }

  @ExceptionHandler
  ProblemDetail invalid(ConstraintViolationException wrong) {
    return ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, wrong.getMessage());
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
    String where = wrong.getMostSpecificCause().getMessage();
    String line = where == null ? "" : where.lines().findFirst().orElse("");
    ProblemDetail body =
        ProblemDetail.forStatusAndDetail(
            HttpStatus.BAD_REQUEST, "The body is not the JSON expected here: " + line);
    return new ResponseEntity<>(body, headers, HttpStatus.BAD_REQUEST);
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
    ProblemDetail body = ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, fields);
    return new ResponseEntity<>(body, headers, HttpStatus.BAD_REQUEST);
  }
}

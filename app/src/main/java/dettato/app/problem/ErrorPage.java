package dettato.app.problem;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import org.springframework.boot.web.servlet.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/**
 * What went wrong before or after a controller, as a problem document too. Nobody asks for it:
 * whoever does is told that there is no such page.
 */
@Hidden
@RestController
class ErrorPage implements ErrorController {
  @RequestMapping("${server.error.path:/error}")
  ProblemDetail tell(HttpServletRequest request) {
    HttpStatus status =
        Optional.ofNullable(request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE))
            .map(code -> HttpStatus.resolve((Integer) code))
            .orElse(HttpStatus.NOT_FOUND);
    return ProblemDetail.forStatusAndDetail(status, says(status));
  }

  private static String says(HttpStatus status) {
    if (status == HttpStatus.NOT_FOUND) {
      return "There is nothing here.";
    }
    return status.is5xxServerError()
        ? "Something went wrong on our side; what was saved before is safe. Try again."
        : "This request cannot be understood: " + status.getReasonPhrase() + ".";
  }
}

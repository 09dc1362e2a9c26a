package dettato.app.problem;

import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import dettato.input.Unacceptable;
import java.sql.SQLException;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.setup.MockMvcBuilders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

class ProblemsTest {
  private static final Map<String, RuntimeException> FAILURES =
      Map.of(
          "typed", new Unacceptable("'x' is no word."),
          "ours", new IllegalArgumentException("unit 7 of 3"),
          "denied", new AccessDeniedException("no"),
          "twice",
              new DataIntegrityViolationException("unique", new SQLException("unique", "23505")),
          "gone", new DataIntegrityViolationException("key", new SQLException("key", "23506")),
          "long", new DataIntegrityViolationException("long", new SQLException("long", "22001")),
          "late", new OptimisticLockingFailureException("old"),
          "changed", Problem.changed("Somebody wrote here.", Map.of("written", "bage")));

  @RestController
  static class Failing {
    @GetMapping("/{how}")
    String fail(@PathVariable String how) {
      throw FAILURES.get(how);
    }
  }

  private final MockMvc mvc =
      MockMvcBuilders.standaloneSetup(new Failing()).setControllerAdvice(new Problems()).build();

  @ParameterizedTest(name = "{0} is {1}")
  @CsvSource({
    "typed, 400, is no word",
    "ours, 500, on our side",
    "denied, 403, may not do this",
    "twice, 409, at the same moment",
    "gone, 409, at the same moment",
    "long, 500, on our side",
    "late, 409, at the same moment",
    "changed, 409, Somebody wrote here"
  })
  void tellsWhoseFailureItIs(String how, int status, String detail) throws Exception {
    mvc.perform(get("/" + how))
        .andExpect(status().is(status))
        .andExpect(jsonPath("$.detail", containsString(detail)));
  }

  @ParameterizedTest
  @CsvSource("changed")
  void showsWhatStandsThereNow(String how) throws Exception {
    mvc.perform(get("/" + how)).andExpect(jsonPath("$.current.written").value("bage"));
  }
}

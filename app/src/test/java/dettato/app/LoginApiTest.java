package dettato.app;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.ResultActions;

/** Who gets in, what is closed, and what every answer carries. */
class LoginApiTest extends ApiCase {
  @ParameterizedTest
  @ValueSource(strings = {"/api/session", "/api/login"})
  void saysWhoIsLoggedInAndWhatDayItIs(String path) throws Exception {
    mvc.perform(get(path)).andExpect(jsonPath("$.user").isEmpty());
    mvc.perform(get(path).session(session))
        .andExpect(jsonPath("$.user.name").value("demo"))
        .andExpect(jsonPath("$.user.role").value("LEAD"))
        .andExpect(jsonPath("$.today").value(TODAY));
  }

  @Test
  void refusesAWrongPassword() throws Exception {
    logIn("demo", "guess", "10.1.1.1")
        .andExpect(status().isUnauthorized())
        .andExpect(jsonPath("$.detail").value("Name and password do not match."));
  }

  @Test
  void anAccountRestsAfterTenWrongPasswordsButWhereItHasBeenUsed() throws Exception {
    String name = colleague("rests");
    logIn(name, "rests-dettato", "10.1.1.3").andExpect(status().isOk());
    for (int i = 0; i < 10; i++) {
      logIn(name, "guess", "10.1.1.2").andExpect(status().isUnauthorized());
    }
    logIn(name, "rests-dettato", "10.1.1.2")
        .andExpect(status().isTooManyRequests())
        .andExpect(header().string("Retry-After", "300"));
    logIn(name, "rests-dettato", "10.1.1.4").andExpect(status().isTooManyRequests());
    logIn(name, "rests-dettato", "10.1.1.3").andExpect(status().isOk());
    logIn(colleague("enters"), "enters-dettato", "10.1.1.2").andExpect(status().isOk());
  }

  /** Twenty at a time, each from an address that it makes up: ten are looked at, no more. */
  @Test
  void guessesMadeAtTheSameMomentAreCountedBeforeTheyAreLookedAt() throws Exception {
    String name = colleague("guessed");
    ExecutorService guessers = Executors.newFixedThreadPool(20);
    List<Future<Integer>> made = new ArrayList<>();
    for (int i = 0; i < 40; i++) {
      String address = "10.2.0." + i;
      made.add(
          guessers.submit(
              () -> logIn(name, "guess", address).andReturn().getResponse().getStatus()));
    }
    List<Integer> answers = new ArrayList<>();
    for (Future<Integer> one : made) {
      answers.add(one.get());
    }
    guessers.shutdown();
    assertEquals(10, answers.stream().filter(a -> a == 401).count(), answers.toString());
    assertEquals(30, answers.stream().filter(a -> a == 429).count(), answers.toString());
  }

  private String colleague(String name) throws Exception {
    mvc.perform(
            write(
                post("/api/accounts"),
                body("username", name, "password", name + "-dettato", "role", "TEACHER")))
        .andExpect(status().isCreated());
    return name;
  }

  private ResultActions logIn(String name, String password, String address) throws Exception {
    return mvc.perform(
        post("/api/session")
            .with(csrf())
            .with(
                r -> {
                  r.setRemoteAddr(address);
                  return r;
                })
            .contentType(MediaType.APPLICATION_JSON)
            .content(body("username", name, "password", password)));
  }

  @Test
  void aSessionThatWasLeftOpensNothing() throws Exception {
    MockHttpSession mine = logIn("demo", "demo-dettato");
    mvc.perform(delete("/api/login").session(mine).with(csrf())).andExpect(status().isNoContent());
    assertEquals(true, mine.isInvalid());
  }

  @Test
  void aSecondFirstAccountIsRefused() throws Exception {
    mvc.perform(
            post("/api/accounts/first")
                .with(csrf())
                .contentType(MediaType.APPLICATION_JSON)
                .content(body("username", "second", "password", "second-dettato")))
        .andExpect(status().isConflict())
        .andExpect(jsonPath("$.detail", containsString("There is an account already")));
  }

  @Test
  void onlyALeadMakesAccountsAndChangesTheSchoolsWords() throws Exception {
    String account = body("username", "third", "password", "third-dettato", "role", "TEACHER");
    mvc.perform(write(post("/api/accounts"), account)).andExpect(status().isCreated());
    mvc.perform(write(post("/api/accounts"), account)).andExpect(status().isConflict());
    mvc.perform(get("/api/accounts").session(session))
        .andExpect(jsonPath("$[*].name", hasItem("third")));
    session = logIn("third", "third-dettato");
    mvc.perform(write(post("/api/accounts"), account)).andExpect(status().isForbidden());
    mvc.perform(write(delete("/api/own-words/quoyle"), ""))
        .andExpect(status().isForbidden())
        .andExpect(jsonPath("$.detail", containsString("Only whoever looks after")));
  }

  @ParameterizedTest
  @CsvSource({
    "GET,/api/classes",
    "GET,/api/sessions/1",
    "GET,/api/sessionsandmore",
    "GET,/api/words/ridge",
    "GET,/api/rules",
    "POST,/api/classes",
    "POST,/api/sessions/1/restore",
    "POST,/api/marking/preview",
    "GET,/api/classes/1/findings",
    "PUT,/api/sessions/1/papers/1/items/1",
    "GET,/api/openapi"
  })
  void answers401WithoutLogin(String method, String path) throws Exception {
    mvc.perform(request(HttpMethod.valueOf(method), path))
        .andExpect(status().isUnauthorized())
        .andExpect(jsonPath("$.status").value(401))
        .andExpect(jsonPath("$.detail", containsString("Log in and go on")));
  }

  @Test
  void answers403ToAWriteWithoutTheHeader() throws Exception {
    mvc.perform(post("/api/classes").session(session))
        .andExpect(status().isForbidden())
        .andExpect(jsonPath("$.detail", containsString("X-XSRF-TOKEN")));
  }

  @Test
  void takesLittleBeforeLoginAndSaysSo() throws Exception {
    mvc.perform(
            post("/api/session")
                .with(csrf())
                .contentType(MediaType.APPLICATION_JSON)
                .content(body("username", "a".repeat(20_000), "password", "x")))
        .andExpect(status().isPayloadTooLarge())
        .andExpect(jsonPath("$.detail", containsString("16 kB")));
  }

  @Test
  void nobodyAsksForTheErrorPage() throws Exception {
    mvc.perform(get("/error"))
        .andExpect(status().isNotFound())
        .andExpect(jsonPath("$.detail").value("There is nothing here."));
  }

  @Test
  void everyAnswerCarriesItsHeaders() throws Exception {
    mvc.perform(get("/api/session"))
        .andExpect(header().string("Referrer-Policy", "no-referrer"))
        .andExpect(header().string("X-Content-Type-Options", "nosniff"))
        .andExpect(header().string("X-Frame-Options", "DENY"))
        .andExpect(
            header().string("Content-Security-Policy", containsString("default-src 'self'")));
  }
}

package dettato.app;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** A real H2 in memory with the demo class, a logged-in session, and requests to the API. */
@SpringBootTest(
    properties = {
      "spring.datasource.url=jdbc:h2:mem:api;DB_CLOSE_DELAY=-1",
      "dettato.demo=true",
      "dettato.folder=unused"
    })
@AutoConfigureMockMvc
abstract class ApiCase {
  @Autowired protected MockMvc mvc;
  @Autowired protected ObjectMapper json;
  protected MockHttpSession session;

  @BeforeEach
  void logIn() throws Exception {
    session =
        (MockHttpSession)
            mvc.perform(
                    post("/api/session")
                        .with(csrf())
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"username\":\"demo\",\"password\":\"demo-dettato\"}"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.user.name").value("demo"))
                .andReturn()
                .getRequest()
                .getSession(false);
  }

  protected MockHttpServletRequestBuilder write(
      MockHttpServletRequestBuilder request, String body) {
    return request
        .session(session)
        .with(csrf())
        .contentType(MediaType.APPLICATION_JSON)
        .content(body);
  }

  protected JsonNode read(MockHttpServletRequestBuilder request) throws Exception {
    return json.readTree(mvc.perform(request).andReturn().getResponse().getContentAsString());
  }
}

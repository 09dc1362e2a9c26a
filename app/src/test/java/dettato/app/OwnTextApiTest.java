package dettato.app;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import org.junit.jupiter.api.Test;
import org.springframework.http.MediaType;

class OwnTextApiTest extends ApiCase {
  private static final String OURS = "Zelda's zebra had a zigzag quilt.";

  @Test
  void anOwnSentenceIsFoundWithTheRestAndTakenAway() throws Exception {
    mvc.perform(write(post("/api/own-texts"), body("title", "", "text", "  " + OURS)))
        .andExpect(status().isCreated());
    mvc.perform(write(post("/api/own-texts"), body("title", "", "text", OURS)))
        .andExpect(status().isCreated());
    String found =
        mvc.perform(get("/api/sentences?rule=qu&text=zigzag").session(session))
            .andExpect(jsonPath("$.sentences[*].text", hasItem(OURS)))
            .andExpect(jsonPath("$.total").value(1))
            .andReturn()
            .getResponse()
            .getContentAsString();
    Integer id = JsonPath.read(found, "$.sentences[0].own");
    mvc.perform(write(delete("/api/own-texts/" + id), "")).andExpect(status().isNoContent());
    mvc.perform(get("/api/sentences?text=zigzag").session(session))
        .andExpect(jsonPath("$.total").value(0));
    mvc.perform(write(delete("/api/own-texts/" + id), "")).andExpect(status().isNotFound());
  }

  @Test
  void aFileOfTextsGoesInLineByLineAndComesOutAgain() throws Exception {
    String csv =
        "title,text\n,\"We rowed to the jetty, then home.\"\nThe jetty,\"Rain came. The train was"
            + " late. A snail sat in the hay and the clay all day.\"\n,...\nToo,many,cells\n";
    mvc.perform(
            write(post("/api/own-texts/import"), csv).contentType(MediaType.valueOf("text/csv")))
        .andExpect(jsonPath("$.imported").value(2))
        .andExpect(jsonPath("$.rejected", hasSize(2)))
        .andExpect(jsonPath("$.rejected[0].reason", containsString("no words")));
    mvc.perform(get("/api/passages").queryParam("sound", "eɪ").session(session))
        .andExpect(jsonPath("$[*].title", hasItem("The jetty")));
    mvc.perform(get("/api/own-texts.csv").session(session))
        .andExpect(content().string(containsString("\"We rowed to the jetty, then home.\"")));
    mvc.perform(
            write(post("/api/own-texts/import"), csv).contentType(MediaType.valueOf("text/csv")))
        .andExpect(jsonPath("$.imported").value(0));
    mvc.perform(
            write(post("/api/own-texts/import"), "words\nhello\n")
                .contentType(MediaType.valueOf("text/csv")))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail", containsString("title,text")));
  }

  @Test
  void nothingIsKeptThatCannotBeDictated() throws Exception {
    for (String text : new String[] {"", "123!", "a ".repeat(200)}) {
      mvc.perform(write(post("/api/own-texts"), body("title", "", "text", text)))
          .andExpect(status().isBadRequest())
          .andExpect(jsonPath("$.detail", not("")));
    }
  }
}

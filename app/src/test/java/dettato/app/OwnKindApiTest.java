package dettato.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import com.fasterxml.jackson.databind.JsonNode;
import dettato.activity.Activities;
import dettato.activity.Activity;
import dettato.activity.Alone;
import dettato.activity.Call;
import dettato.activity.Form;
import dettato.activity.Item;
import dettato.activity.Judged;
import dettato.activity.Markers;
import dettato.activity.OwnLine;
import dettato.activity.Request;
import dettato.activity.Traits;
import dettato.activity.shipped.ShippedActivities;
import dettato.choose.Material;
import dettato.plan.Pace;
import dettato.prompt.Prompt;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Import;
import org.springframework.context.annotation.Primary;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/**
 * A kind of activity that only this test has goes all the way without a line changed elsewhere:
 * told to the pages, filled, planned, printed, given, written on a device, marked, pasted, exported
 * as a file and as marks. Whoever adds a face to kinds adds it here.
 */
@Import(OwnKindApiTest.WithOddOnes.class)
class OwnKindApiTest extends ApiCase {
  private static final String KIND = "test-odd-one";

  @TestConfiguration
  static class WithOddOnes {
    @Bean
    @Primary
    Activities withOddOnes() {
      return new Activities(
          Stream.concat(ShippedActivities.ALL.all().stream(), Stream.of(new OddOnes())).toList());
    }
  }

  /** Which of these words does not go with the others? */
  private static final class OddOnes implements Activity {
    private static final Traits TRAITS =
        Traits.of(KIND, "The odd one out", Traits.Answer.CHOICE)
            .asks("Write the word that does not go with the others.")
            .steps("read them", "which one?", "write", "show")
            .line("Which is odd? [gull | cod | crab]")
            .count(2, 3)
            .forms(Form.Name.CHOICE);

    @Override
    public Traits traits() {
      return TRAITS;
    }

    @Override
    public List<Item> fill(Request request, Material material) {
      return List.of(
          Item.own(new Prompt.Choice("Which one flies?", List.of("gull"), List.of("cod", "crab"))));
    }

    @Override
    public Prompt own(String typed, Material material) {
      return OwnLine.answered(typed, TRAITS.example());
    }

    private static Prompt.Choice choice(Prompt prompt) {
      return (Prompt.Choice) prompt;
    }

    @Override
    public Call call(Prompt prompt, Material material) {
      return new Call(prompt.asks(), choice(prompt).answers(), 20);
    }

    @Override
    public int seconds(Prompt prompt, Material material, Pace pace) {
      return 100;
    }

    @Override
    public List<Form> forms(List<Prompt> items, Material material) {
      return items.stream().<Form>map(i -> new Form.Choice(i.asks(), choice(i).options())).toList();
    }

    @Override
    public List<Alone> alone(List<Prompt> items, Material material) {
      return items.stream().map(i -> Alone.choice(i.asks(), choice(i).options())).toList();
    }

    @Override
    public Judged judge(Prompt prompt, String written, Markers markers) {
      return Judged.ofParts(
          List.of(
              Judged.part(
                  choice(prompt).answers().get(0), written.strip().toLowerCase(Locale.ROOT))));
    }
  }

  private long of;
  private JsonNode planned;
  private long id;
  private long item;

  @BeforeEach
  void plansOne() throws Exception {
    of = newClass("Own kind");
    JsonNode made = newSession(of, TODAY);
    id = made.get("id").asLong();
    planned =
        read(
            write(
                    put("/api/sessions/" + id),
                    body(
                        "date",
                        TODAY,
                        "title",
                        "",
                        "focus",
                        made.get("focus"),
                        "blocks",
                        List.of(
                            Map.of(
                                "kind",
                                KIND,
                                "items",
                                List.of(Map.of("text", "Which  swims? [cod | gull | kite]"))))))
                .header(HttpHeaders.IF_MATCH, "\"" + made.get("version").asLong() + "\""));
    item = planned.at("/blocks/0/items/0/id").asLong();
  }

  @Test
  void isToldFilledPlannedAndKept() throws Exception {
    JsonNode kinds = read("/api/kinds");
    JsonNode told = kinds.get(kinds.size() - 1);
    assertEquals(KIND, told.get("id").asText());
    assertEquals("CHOICE", told.at("/forms/0").asText());
    assertEquals(2, told.get("usualCount").asInt());
    JsonNode filled =
        read(
            write(
                post("/api/classes/" + of + "/fill"),
                body(
                    "kind",
                    KIND,
                    "focus",
                    List.of(rule("final-j")),
                    "count",
                    1,
                    "without",
                    List.of(),
                    "seed",
                    1)));
    assertEquals("Which one flies? [gull | cod | crab]", filled.at("/0/text").asText());
    JsonNode asked = read("/api/sessions/" + id).at("/blocks/0/items/0");
    assertEquals("Which swims? [cod | gull | kite]", asked.get("text").asText());
    assertEquals("Which swims?", asked.get("says").asText());
    assertEquals("cod", asked.get("right").asText());
  }

  @Test
  void isPrinted() throws Exception {
    String sheet = text("sheet.pdf");
    assertTrue(sheet.contains("The odd one out") && sheet.contains("Which swims?"), sheet);
    assertTrue(sheet.contains("cod") && sheet.contains("kite") && !sheet.contains("["), sheet);
    String key = text("key.pdf");
    assertTrue(key.contains("Which swims?") && key.contains("cod"), key);
    assertTrue(text("script.pdf").contains("Which swims?"));
  }

  private String text(String paper) throws Exception {
    byte[] pdf =
        mvc.perform(get("/api/sessions/" + id + "/" + paper).session(session))
            .andReturn()
            .getResponse()
            .getContentAsByteArray();
    try (PDDocument read = Loader.loadPDF(pdf)) {
      return new PDFTextStripper().getText(read);
    } catch (IOException e) {
      throw new AssertionError(paper + " is no PDF", e);
    }
  }

  @Test
  void isGivenWrittenOnADeviceAndMarked() throws Exception {
    read(
        write(
                put("/api/sessions/" + id + "/state"),
                body("state", "GIVEN", "took", Map.of(planned.at("/blocks/0/id").asText(), 90)))
            .header(HttpHeaders.IF_MATCH, "\"" + planned.get("version").asLong() + "\""));
    String code = read(write(post("/api/sessions/" + id + "/handout"), "")).get("code").asText();
    String token =
        told(device(post("/api/tablet/sit"), body("code", code, "pupilId", pupil(of, 0))))
            .get("token")
            .asText();
    JsonNode sheet = told(device(get("/api/tablet/sheet").header("Tablet-Token", token), ""));
    assertEquals("Which swims?", sheet.at("/items/0/before").asText());
    assertEquals(3, sheet.at("/items/0/options").size());
    mvc.perform(
        device(
            put("/api/tablet/items/" + item).header("Tablet-Token", token),
            body("written", "gull")));
    JsonNode cell = read("/api/sessions/" + id + "/papers").at("/0/cells/0");
    assertEquals("SOUND_ERROR", cell.get("result").asText());
    assertEquals("cod", cell.at("/sentence/words/0/target").asText());
    JsonNode typed = type(planned, pupil(of, 0), item, "Cod");
    assertEquals("RIGHT", typed.get("result").asText());
  }

  private MockHttpServletRequestBuilder device(MockHttpServletRequestBuilder request, String body) {
    return request.with(csrf()).contentType(MediaType.APPLICATION_JSON).content(body);
  }

  private JsonNode told(MockHttpServletRequestBuilder request) throws Exception {
    return json.readTree(
        mvc.perform(request).andReturn().getResponse().getContentAsString(StandardCharsets.UTF_8));
  }

  @Test
  void isPastedAndExported() throws Exception {
    JsonNode kept =
        read(
            write(
                post("/api/sessions/" + id + "/paste"),
                body("text", "\tcod\nAda\tcod\nBea\tkite\n", "keep", true, "replace", false)));
    assertEquals(2, kept.get("kept").size());
    assertEquals(1, read("/api/sessions/" + id + "/papers").size() - 1);
    String file =
        mvc.perform(get("/api/classes/" + of + "/attempts.csv").session(session))
            .andReturn()
            .getResponse()
            .getContentAsString(StandardCharsets.UTF_8);
    assertTrue(file.contains("Ada,Which swims? [cod | gull | kite],cod,RIGHT"), file);
    JsonNode taken = read("/api/sessions/" + id + "/session.json");
    JsonNode opened =
        read(
            write(
                post("/api/classes/" + newClass("Elsewhere") + "/sessions/file"),
                json.writeValueAsString(taken)));
    assertEquals("Which swims? [cod | gull | kite]", opened.at("/blocks/0/items/0/text").asText());
    assertEquals(
        1,
        StreamSupport.stream(opened.get("blocks").spliterator(), false)
            .filter(b -> b.get("kind").asText().equals(KIND))
            .count());
  }
}

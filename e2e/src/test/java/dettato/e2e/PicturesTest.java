package dettato.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.google.gson.JsonElement;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/**
 * The pictures of the docs ({@code -Ddettato.screenshots=true}), of the demo as anybody who starts
 * it finds it. Nothing is written while they are taken: a run that changed the demo fails.
 */
@EnabledIfSystemProperty(named = "dettato.screenshots", matches = "true")
class PicturesTest extends Journey {
  private static final Page.GetByLabelOptions EXACT = new Page.GetByLabelOptions().setExact(true);

  private Map<String, JsonElement> before = Map.of();

  @BeforeEach
  void seeTheDemo() throws IOException {
    before = demo();
  }

  @AfterEach
  void theDemoIsAsItWas() throws IOException {
    assertEquals(before, demo(), "taking pictures changed the demo");
  }

  /**
   * All that the demo class holds: its children and choices, its sessions, what stands on papers.
   */
  private static Map<String, JsonElement> demo() throws IOException {
    Client client = new Client(server.address());
    client.logIn();
    Map<String, JsonElement> all = new LinkedHashMap<>();
    for (String path : new String[] {"", "/profile", "/sessions", "/pupils"}) {
      all.put(path, client.get("/api/classes/1" + path));
    }
    for (JsonElement session : all.get("/sessions").getAsJsonArray()) {
      String id = session.getAsJsonObject().get("id").getAsString();
      all.put("session " + id, client.get("/api/sessions/" + id));
      all.put("papers " + id, client.get("/api/sessions/" + id + "/papers"));
    }
    return all;
  }

  @Test
  void theWeekAndItsSessions() {
    window.open("/class/1/week");
    assertThat(page.getByText("What the last papers say")).isVisible();
    window.picture("week");
    window.open("/class/1/prepare/11");
    assertThat(page.getByLabel("What fits").getByRole(AriaRole.IMG).first()).isVisible();
    window.picture("prepare");
    window.open("/class/1/dictate/11?item=3&step=6");
    assertThat(page.getByText("is due").first()).isVisible();
    window.picture("dictate");
  }

  @Test
  void markingAndWhatPapersSay() {
    window.open("/class/1/mark/10?at=11.1");
    assertThat(page.getByLabel("About this attempt")).containsText("left out where due");
    window.picture("mark");
    window.open("/class/1/mark/10?at=11.11");
    assertThat(page.getByLabel("About this attempt")).containsText("words right");
    window.picture("mark-sentence");
    window.open("/class/1/respond");
    page.getByLabel(Pattern.compile("^Tamsin, doubling before an ending")).click();
    assertThat(page.getByLabel("Evidence and groups").locator(".wavy").first()).isVisible();
    window.picture("respond");
  }

  @Test
  void tablets() {
    window.open("/class/1/mark/10");
    window.button("Tablets").click();
    window.button("Hand it out").click();
    assertThat(page.getByLabel(Pattern.compile("^Code"))).isVisible();
    window.picture("tablets");
    window.button("End it").click();
  }

  @Test
  void theClassAndItsWay() {
    window.open("/class/1/class");
    assertThat(page.getByLabel("Name of Anwen")).isVisible();
    window.picture("class");
    tab("What is taught", "taught", page.getByText("In our order"));
    tab("How we work", "way", page.getByText("How many sounds").first());
    tab("Marks on words", "marks", page.getByLabel("What the marks mean"));
  }

  private static void tab(String name, String picture, Locator there) {
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name)).click();
    assertThat(there).isVisible();
    window.picture(picture);
  }

  @Test
  void paper() {
    window.open("/class/1/prepare/11");
    window.link("Print").click();
    page.getByLabel(Pattern.compile("^Answers")).check();
    assertThat(page.getByAltText("First page: Answers")).isVisible();
    window.picture("paper");
  }

  @Test
  void theShelf() {
    window.open("/class/1/rules?rule=final-j");
    page.getByLabel("The word").fill("smudge");
    page.getByLabel("What was written").fill("smuge");
    assertThat(page.getByLabel("Try it")).containsText("left out where due");
    window.picture("rules");
    window.open("/class/1/sounds");
    page.getByLabel("ai as in rain").click();
    for (String spelling : new String[] {"ai", "ay", "a-e"}) {
      page.getByLabel("Tick " + spelling, EXACT).check();
    }
    window.button("Get words").click();
    assertThat(page.getByLabel("Chosen words").getByRole(AriaRole.LISTITEM)).hasCount(12);
    window.picture("sounds");
    window.open("/class/1/words");
    page.getByLabel("Letters: ? is one, * is any").fill("*ight");
    page.getByLabel("Number of sounds").selectOption("4");
    page.getByLabel("Pick flight").check();
    page.getByLabel("Pick slight").check();
    assertThat(window.heading("Picked · 2")).isVisible();
    window.picture("words");
    window.open("/class/1/texts");
    page.getByLabel("Sound", EXACT).selectOption("eɪ");
    page.getByLabel("Sentences found").getByRole(AriaRole.CHECKBOX).first().check();
    window.picture("texts");
    window.button("Exercises").click();
    page.getByLabel("Rule", EXACT).selectOption("final-ch");
    assertThat(page.getByLabel("To choose from").getByRole(AriaRole.LISTITEM)).hasCount(8);
    window.picture("exercises");
    window.open("/class/1/deck");
    assertThat(page.locator("main li").first()).isVisible();
    window.picture("deck");
  }
}

package dettato.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.io.TempDir;

/** One teacher's way through the week, at the keyboard, on the demo class. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class TeacherJourneyTest {
  private static Server server;
  private static Window window;
  private static Page page;

  @BeforeAll
  static void open(@TempDir Path folder) {
    server = new Server(folder);
    window = new Window(server);
    page = window.page;
    window.logIn();
  }

  @AfterAll
  static void close() {
    window.close();
    server.close();
  }

  @Test
  @Order(1)
  void showsTheWeekWithItsDictationsAndOneNextStep() {
    assertThat(page.getByText("Mark the other 13 papers")).isVisible();
    assertThat(page.getByText("What the last papers say")).isVisible();
    window.mustBeAccessible();
    window.mustNotScroll();
    window.picture("week");
    window.open("/class/1/dictate/11?item=5&step=6");
    assertThat(page.getByText("dge is due")).isVisible();
    window.picture("dictate");
    window.open("/class/1/week");
  }

  @Test
  @Order(2)
  void fillsASheetThatNobodyCanGuessAndLetsAWordBeSwapped() {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Prepare").setExact(true))
        .click();
    assertThat(window.heading("dge or ge at the end")).isVisible();
    assertThat(page.getByText("bridge").first()).isVisible();
    window.mustBeAccessible();
    window.mustNotScroll();
    window.picture("prepare");
    page.waitForResponse("**/api/dictations/*", () -> window.button("Fill it for me").click());
    Locator rows = page.getByLabel("The sheet").getByRole(AriaRole.LISTITEM);
    assertThat(rows).hasCount(10);
    assertThat(page.getByText("nobody can guess")).isVisible();
    Locator swap = page.getByLabel(Pattern.compile("^Swap .* for .*")).first();
    String label = swap.getAttribute("aria-label");
    page.waitForResponse("**/api/dictations/*", swap::click);
    String swapped = label.replaceAll(".* for ", "");
    assertThat(page.getByLabel("Drop " + swapped, new Page.GetByLabelOptions().setExact(true)))
        .isVisible();
    page.reload();
    assertThat(page.getByLabel("Drop " + swapped, new Page.GetByLabelOptions().setExact(true)))
        .isVisible();
  }

  @Test
  @Order(3)
  void keepsTheOrderThatATeacherMakesAndAWordOfHerOwn() {
    page.getByLabel("A word of your own").fill("gadget");
    page.keyboard().press("Enter");
    assertThat(page.getByLabel("Drop gadget")).isVisible();
    page.getByLabel("Move gadget up").click();
    page.getByLabel("Move gadget up").click();
    assertThat(page.getByLabel("The sheet").getByRole(AriaRole.LISTITEM).nth(8))
        .containsText("gadget");
    page.getByLabel("Drop gadget").click();
    assertThat(page.getByLabel("The sheet").getByRole(AriaRole.LISTITEM)).hasCount(10);
  }

  @Test
  @Order(4)
  void dictatesOneItemAtATimeByTheSpaceBar() {
    window.link("Dictate it").click();
    assertThat(page.getByText("1 of 11")).isVisible();
    for (int i = 0; i < 4; i++) {
      page.keyboard().press("Space");
    }
    assertThat(page.getByText("write", new Page.GetByTextOptions().setExact(true)))
        .hasAttribute("aria-current", "step");
    window.mustBeAccessible();
    window.mustNotScroll();
    page.keyboard().press("Space");
    assertThat(page.getByText(Pattern.compile("is due")).first()).isVisible();
    page.keyboard().press("ArrowLeft");
    page.keyboard().press("s");
    assertThat(page.getByText("2 of 11")).isVisible();
    window.button("Done: mark the papers").click();
    assertThat(page.getByText("0 of 26 papers")).isVisible();
  }

  @Test
  @Order(5)
  void marksFivePapersFromTheKeyboardAndSeesAPatternAppear() {
    List<String> words = page.locator("thead th.truncate").allInnerTexts();
    assertEquals(10, words.size());
    for (int paper = 0; paper < 5; paper++) {
      for (String word : words) {
        if (paper == 3) {
          page.keyboard().type(word.replace("dg", "g"));
          page.keyboard().press("Enter");
        } else {
          page.keyboard().press("=");
        }
      }
    }
    assertThat(page.getByText("5 of 26 papers")).isVisible();
    assertThat(page.getByLabel("About this attempt")).containsText("Left out: Dilan");
    window.link("What it says").click();
    assertThat(page.getByLabel(Pattern.compile("^Dilan, dge or ge at the end: pattern, left out")))
        .isVisible();
  }

  @Test
  @Order(6)
  void explainsAnAttemptWhileItIsTypedAndKeepsAnOverride() {
    window.link("Week").click();
    page.getByText("13 of 26 papers marked").click();
    assertThat(page.getByText("13 of 26 papers")).isVisible();
    page.keyboard().type("stoping");
    assertThat(page.getByLabel("About this attempt")).containsText("left out where due");
    assertThat(page.getByLabel("About this attempt")).containsText("/stəʊpɪŋ/");
    page.keyboard().press("Enter");
    page.keyboard().press("ArrowLeft");
    assertThat(window.radio("as marked")).isChecked();
    window.mustBeAccessible();
    window.mustNotScroll();
    window.picture("mark");
    window.radio("as right").click();
    assertThat(window.radio("as right")).isChecked();
    markAnew("stopping");
    page.reload();
    assertThat(window.radio("as right")).isChecked();
  }

  /** Gives the word a cut of the school's own and takes it back: its marks are made anew twice. */
  private void markAnew(String word) {
    String units =
        "[['s','s'],['t','t'],['o','ɒ'],['pp','p'],['i','ɪ'],['ng','ŋ']]"
            + ".map(([grapheme, phoneme]) => ({ grapheme, phoneme }))";
    Object answers =
        page.evaluate(
            "async () => { const token = document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1];"
                + " const headers = { 'X-XSRF-TOKEN': token, 'Content-Type': 'application/json' };"
                + (" const own = '/api/own-words/" + word + "';")
                + (" const body = JSON.stringify({ units: "
                    + units
                    + ", clue: '', choose: false });")
                + " const put = await fetch(own, { method: 'PUT', headers, body });"
                + " const gone = await fetch(own, { method: 'DELETE', headers });"
                + " return put.status + ' ' + gone.status; }");
    assertEquals("200 204", answers);
  }

  @Test
  @Order(7)
  void opensTheEvidenceBehindACellOfTheMap() {
    window.link("Respond").click();
    page.getByLabel(Pattern.compile("^Tamsin, doubling before an ending")).click();
    assertThat(page.getByLabel("Evidence and groups")).containsText("jumpping");
    assertThat(page).hasURL(Pattern.compile("pupil=Tamsin"));
    window.mustBeAccessible();
    window.mustNotScroll();
    window.picture("respond");
    page.reload();
    assertThat(page.getByLabel("Evidence and groups")).containsText("jumpping");
  }
}

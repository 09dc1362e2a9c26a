package dettato.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/** One teacher's way through the week, at the keyboard, on the demo class. */
class TeacherJourneyTest extends Journey {
  /** A base whose last consonant is doubled before its ending. */
  private static final String DOUBLED = "(.*)([bdgmnpt])\\2(ed|ing)";

  @Test
  @Order(1)
  void showsTheWeekWithItsSessionsAndOneNextStep() {
    assertThat(page.getByText("Mark the other 13 papers")).isVisible();
    assertThat(page.getByText("What the last papers say")).isVisible();
    window.mustBeAccessible();
    window.mustNotScroll();
    page.getByLabel("The week before").click();
    assertThat(window.heading("Week of Monday 23 February")).isVisible();
    window.open("/class/1/week");
  }

  @Test
  @Order(2)
  void fillsASheetThatNobodyCanGuessAndLetsAWordBeSwapped() {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Prepare").setExact(true))
        .click();
    assertThat(window.heading("dge or ge at the end")).isVisible();
    assertThat(page.getByLabel("What fits").getByRole(AriaRole.IMG).first()).isVisible();
    window.mustBeAccessible();
    window.mustNotScroll();
    page.waitForResponse(
        "**/api/sessions/*", () -> page.getByText(Pattern.compile("^Fill it for me")).click());
    assertThat(words()).hasCount(10);
    assertThat(page.getByText("Nobody can guess")).isVisible();
    String first = words().first().getAttribute("data-item");
    page.waitForResponse(
        "**/api/sessions/*",
        () ->
            page.getByLabel("Swap " + first, new Page.GetByLabelOptions().setExact(true)).click());
    assertThat(drop(first)).hasCount(0);
    String swapped = words().first().getAttribute("data-item");
    page.reload();
    assertThat(drop(swapped)).isVisible();
  }

  @Test
  @Order(3)
  void keepsTheOrderThatATeacherMakesAndAWordOfHerOwn() {
    page.getByLabel("A word of your own").fill("gadget");
    page.keyboard().press("Enter");
    assertThat(drop("gadget")).isVisible();
    page.getByLabel("Move gadget up").focus();
    page.keyboard().press("Enter");
    assertThat(words().nth(9)).containsText("gadget");
    assertThat(page.getByLabel("Move gadget up")).isFocused();
    page.keyboard().press("Enter");
    assertThat(words().nth(8)).containsText("gadget");
    page.waitForResponse("**/api/sessions/*", () -> drop("gadget").click());
    assertThat(words()).hasCount(10);
  }

  /** Two windows on one sheet: what each does stands. */
  @Test
  @Order(4)
  void fastClicksAndASecondWindowLoseNothing() {
    Page second = page.context().newPage();
    second.navigate(page.url());
    assertThat(second.getByLabel(Pattern.compile("^Take ")).nth(3)).isVisible();
    List<String> takes =
        second.getByLabel(Pattern.compile("^Take ")).all().stream()
            .limit(4)
            .map(l -> l.getAttribute("aria-label"))
            .toList();
    for (int i = 0; i < takes.size(); i++) {
      Page here = i % 2 == 0 ? page : second;
      String take = takes.get(i);
      here.waitForResponse(
          r ->
              r.ok()
                  && r.url().matches(".*/api/sessions/\\d+")
                  && !r.request().method().equals("GET"),
          () -> here.getByLabel(take, new Page.GetByLabelOptions().setExact(true)).click());
    }
    assertEquals(4, takes.size());
    second.close();
    page.reload();
    for (String take : takes) {
      assertThat(drop(take.replace("Take ", ""))).isVisible();
      drop(take.replace("Take ", "")).click();
    }
    assertThat(words()).hasCount(10);
  }

  @Test
  @Order(5)
  void givesOneItemAtATimeByTheSpaceBar() {
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
  @Order(6)
  void marksFivePapersFromTheKeyboardAndSeesWhatTheySay() {
    List<String> heads = page.locator("thead th [data-head]").allInnerTexts();
    assertEquals(11, heads.size());
    for (int paper = 0; paper < 5; paper++) {
      for (String word : heads) {
        if (paper == 3 && !word.equals("sentence")) {
          page.keyboard().type(word.replace("dg", "g"));
          page.keyboard().press("Enter");
        } else {
          page.keyboard().press("=");
        }
      }
    }
    assertThat(page.getByText("5 of 26 papers")).isVisible();
    assertThat(page.getByLabel("About this attempt")).containsText("Dilan left out where due");
    window.link("What it says").click();
    assertThat(page.getByLabel(Pattern.compile("^Dilan, dge or ge at the end: (a slip|pattern)")))
        .isVisible();
  }

  /** The login ends while she types: every letter is kept, and goes on after the password. */
  @Test
  @Order(7)
  void goesOnAfterThePasswordInPlaceWithEveryLetterKept() {
    window.link("Week").click();
    page.getByText("13 of 26 papers marked").click();
    assertThat(page.getByText("13 of 26 papers")).isVisible();
    String first = page.locator("thead th [data-head]").first().innerText();
    page.context()
        .clearCookies(
            new com.microsoft.playwright.BrowserContext.ClearCookiesOptions().setName("DETTATO"));
    page.keyboard().type("begg");
    page.keyboard().press("Enter");
    assertThat(page.getByText("Your login has ended")).isVisible();
    window.mustBeAccessible();
    page.getByLabel("Password of demo").fill("guess-wrongly");
    page.keyboard().press("Enter");
    assertThat(page.getByText("Name and password do not match.")).isVisible();
    page.getByLabel("Password of demo").fill("demo-dettato");
    page.keyboard().press("Enter");
    assertThat(page.getByText("Your login has ended")).isHidden();
    assertThat(page.getByLabel(Pattern.compile("^Nikhil, " + first + ": begg"))).isVisible();
    page.reload();
    assertThat(page.getByLabel(Pattern.compile("^Nikhil, " + first + ": begg"))).isVisible();
    assertEquals(0, ((Number) page.evaluate("localStorage.length")).intValue());
  }

  @Test
  @Order(8)
  void whatCouldNotBeSentOutlivesAReload() {
    page.route("**/papers/**", com.microsoft.playwright.Route::abort);
    page.keyboard().type("popt");
    page.keyboard().press("Enter");
    assertThat(page.getByText("not kept yet").first()).isVisible();
    page.unroute("**/papers/**");
    page.reload();
    assertThat(page.getByLabel(Pattern.compile("^Nikhil, .*: popt"))).isVisible();
    assertThat(page.getByText("not kept yet")).isHidden();
    page.reload();
    assertThat(page.getByLabel(Pattern.compile("^Nikhil, .*: popt"))).isVisible();
  }

  @Test
  @Order(9)
  void explainsAnAttemptWhileItIsTypedAndKeepsAnOverride() {
    List<String> heads = page.locator("thead th [data-head]").allInnerTexts();
    String word = heads.stream().filter(h -> h.matches(DOUBLED)).findFirst().orElseThrow();
    int doubled = heads.indexOf(word);
    window.open(
        page.url().replaceAll(".*(/class/1/mark/\\d+).*", "$1") + "?at=15." + (doubled + 1));
    assertThat(page.getByLabel("Orla: " + word)).isFocused();
    page.keyboard().type(word.replaceAll(DOUBLED, "$1$2$3"));
    assertThat(page.getByLabel("About this attempt")).containsText("left out where due");
    assertThat(page.getByLabel("About this attempt")).containsText("On this paper: failed 1 of 1");
    page.keyboard().press("Enter");
    page.keyboard().press("ArrowLeft");
    assertThat(window.radio("as marked")).isChecked();
    window.mustBeAccessible();
    window.mustNotScroll();
    window.radio("as right").click();
    assertThat(window.radio("as right")).isChecked();
    page.reload();
    assertThat(window.radio("as right")).isChecked();
    window.radio("as marked").click();
    assertThat(window.radio("as marked")).isChecked();
  }

  @Test
  @Order(10)
  void marksASentenceByItsWordsAndSigns() {
    page.getByLabel(Pattern.compile("^Orla, sentence")).click();
    String dictated =
        page.getByLabel("About this attempt").locator(".font-word").first().innerText().strip();
    int words = dictated.split(" ").length;
    String written =
        dictated.substring(0, 1).toLowerCase(Locale.ROOT)
            + dictated
                .substring(1, dictated.length() - 1)
                .replaceFirst("([bdgmnpt])\\1(ed|ing|er)\\b", "$1$2");
    assertNotEquals(dictated.length() - 1, written.length(), "no doubled letter in " + dictated);
    page.getByLabel("Orla: sentence").fill(written);
    assertThat(page.getByLabel("About this attempt"))
        .containsText(Pattern.compile((words - 1) + " of \\w+ words right"));
    assertThat(page.getByLabel("About this attempt")).containsText("end mark");
    window.mustBeAccessible();
    page.keyboard().press("Enter");
    assertThat(
            page.getByLabel(
                Pattern.compile(
                    "^Orla, sentence: " + (words - 1) + " of \\w+ words right, two signs")))
        .isVisible();
  }

  @Test
  @Order(11)
  void opensTheEvidenceBehindACellOfTheMap() {
    window.link("Respond").click();
    page.getByLabel(Pattern.compile("^Tamsin, doubling before an ending")).click();
    assertThat(page.getByLabel("Evidence and groups")).containsText("Tamsin");
    assertThat(page.getByLabel("Evidence and groups").locator(".wavy").first()).isVisible();
    assertThat(page).hasURL(Pattern.compile("child=\\d+"));
    window.mustBeAccessible();
    window.mustNotScroll();
    page.reload();
    assertThat(page.getByLabel("Evidence and groups").locator(".wavy").first()).isVisible();
  }

  @Test
  @Order(12)
  void changesTheClassAndPutsATakenSessionBack() {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Class").setExact(true))
        .click();
    page.getByLabel(Pattern.compile("to add")).fill("Aled");
    page.keyboard().press("Enter");
    assertThat(page.getByLabel("Name of Aled", new Page.GetByLabelOptions().setExact(true)))
        .isVisible();
    page.getByLabel("Aled leaves the class").click();
    assertThat(page.getByText("left on Wednesday 4 March")).isVisible();
    window.mustBeAccessible();
    window.mustNotScroll();
    window.link("Week").click();
    page.getByLabel("Plan a session on Friday 6 March").click();
    page.getByLabel("What it is about").selectOption("final-k");
    window.button("Plan it").click();
    assertThat(window.heading("Friday 6: ck, k or c at the end")).isVisible();
    window.link("Week").click();
    Locator planned = page.getByLabel("What to do with ck, k or c at the end");
    planned.selectOption("away");
    window.button("Undo").click();
    assertThat(planned).isVisible();
  }

  /** At 200 % zoom (640 by 400) nothing is cut off, and the dark theme is as accessible. */
  @Test
  @Order(13)
  void everyScreenStandsZoomedAndDark() {
    page.emulateMedia(
        new Page.EmulateMediaOptions()
            .setColorScheme(com.microsoft.playwright.options.ColorScheme.DARK));
    for (String path :
        List.of(
            "week",
            "prepare/11",
            "dictate/11",
            "mark/10",
            "respond",
            "rules",
            "sounds",
            "words",
            "texts",
            "texts?view=read",
            "texts?view=check",
            "texts?view=chains",
            "texts?view=pairs",
            "texts?view=exercises",
            "class")) {
      window.open("/class/1/" + path);
      assertThat(page.locator("main h1")).isVisible();
      window.mustNotScrollSideways();
      window.mustBeAccessible();
      page.setViewportSize(640, 400);
      window.mustNotScrollSideways();
      page.setViewportSize(1280, 800);
    }
  }
}

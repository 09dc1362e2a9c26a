package dettato.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/** A school goes about it in its own way: what it chooses is seen on the screen and on paper. */
class PaperJourneyTest extends Journey {
  @Test
  @Order(1)
  void givesShapesMeaningsAndSeesThemOnWords() {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Class").setExact(true))
        .click();
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Marks on words")).click();
    Locator shell =
        page.getByRole(
            AriaRole.IMG,
            new Page.GetByRoleOptions().setName(Pattern.compile("^shell: line close under sh.*")));
    assertThat(shell).isVisible();
    choice("^a doubled consonant").selectOption("RING");
    choice("^the part to know by heart").selectOption("BOX");
    assertThat(
            page.getByRole(
                AriaRole.IMG,
                new Page.GetByRoleOptions().setName(Pattern.compile("^shell.*ring around ll"))))
        .isVisible();
    Locator legend = page.getByLabel("What the marks mean");
    assertThat(legend).containsText("a doubled consonant");
    assertThat(legend).containsText("the part to know by heart");
    page.reload();
    assertThat(choice("^the part to know by heart")).hasValue("BOX");
    assertThat(choice("^a doubled consonant")).hasValue("RING");
    window.mustBeAccessible();
    window.mustNotScroll();
  }

  @Test
  @Order(2)
  void choosesHowTheClassWorks() {
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("How we work")).click();
    choice("^How many sounds").selectOption("FOUND");
    assertThat(page.getByText("The frames come when the class has counted.")).isVisible();
    window.mustBeAccessible();
    window.mustNotScroll();
    window.link("Dictate").click();
    assertThat(page.getByText("How many sounds?", new Page.GetByTextOptions().setExact(true)))
        .isVisible();
    for (int i = 0; i < 4; i++) {
      page.keyboard().press("ArrowRight");
    }
    assertThat(
            page.getByRole(
                AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("sounds$"))))
        .isVisible();
  }

  @Test
  @Order(3)
  void printsTheAnswersWithTheClassesMarks() {
    window.link("Prepare").click();
    window.link("Print").click();
    page.getByLabel(Pattern.compile("^Answers")).check();
    Locator picture = page.getByAltText("First page: Answers");
    assertThat(picture).isVisible();
    window.mustBeAccessible();
    window.mustNotScroll();
    page.getByLabel(Pattern.compile("^in large print")).check();
    page.reload();
    assertThat(page.getByLabel(Pattern.compile("^in large print"))).isChecked();
    String address = Objects.requireNonNull(window.link("Open to print").getAttribute("href"));
    APIResponse paper = page.request().get(server.address() + address);
    assertEquals(200, paper.status());
    assertTrue(new String(paper.body(), StandardCharsets.ISO_8859_1).startsWith("%PDF-"));
  }

  @Test
  @Order(4)
  void isTaughtInAnOrderOfItsOwn() {
    window.link("Class").click();
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("What is taught")).click();
    Locator own = page.getByLabel("Take in your own");
    own.setInputFiles(file("step,grapheme,sound\n1,s,\n1,qx,\n"));
    assertThat(page.getByText("line 3: 'qx' is no grapheme")).isVisible();
    own.setInputFiles(file("step,grapheme,sound\n1,s,\n1,oa,\n2,igh,\n"));
    assertThat(page.getByText("In the order of your school")).isVisible();
    window.button("Taught up to step 40").click();
    named(Pattern.compile("^igh, ")).click();
    assertThat(named(Pattern.compile("^igh.*, waits$"))).isVisible();
    named(Pattern.compile("^augh, ")).click();
    assertThat(named(Pattern.compile("^augh.*, ahead of the order$"))).isVisible();
    page.reload();
    assertThat(named(Pattern.compile("^igh.*, waits$"))).isVisible();
    window.mustBeAccessible();
    window.mustNotScroll();
    window.button("Back to ours").click();
    assertThat(page.getByText("In our order")).isVisible();
  }

  @Test
  @Order(5)
  void callsThingsInItsOwnWords() {
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("What we call it")).click();
    window.button("Words of grammar").click();
    assertThat(page.getByText("The suffix starts with a vowel, so the split digraph goes."))
        .isVisible();
    Locator stop = page.getByLabel(Pattern.compile("^full stop"));
    stop.fill("");
    stop.press("Enter");
    assertThat(page.getByText("There is no word for the full stop")).isVisible();
    stop.fill("dot");
    stop.press("Enter");
    assertThat(page.getByText("Add a dot, ? or !.")).isVisible();
    window.mustBeAccessible();
    window.mustNotScroll();
    window.link("Rules").click();
    assertThat(page.getByText("doubling before a suffix").first()).isVisible();
  }

  private static Locator named(Pattern name) {
    return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
  }

  private static FilePayload file(String csv) {
    return new FilePayload("own.csv", "text/csv", csv.getBytes(StandardCharsets.UTF_8));
  }

  private static Locator choice(String name) {
    return page.getByRole(
        AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(Pattern.compile(name)));
  }
}

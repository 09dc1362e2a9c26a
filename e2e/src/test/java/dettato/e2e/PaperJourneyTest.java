package dettato.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
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
    window.picture("marks");
  }

  @Test
  @Order(2)
  void choosesHowTheClassWorks() {
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("How we work")).click();
    choice("^How many sounds").selectOption("FOUND");
    assertThat(page.getByText("The frames come when the class has counted.")).isVisible();
    window.mustBeAccessible();
    window.mustNotScroll();
    window.picture("way");
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
    window.picture("paper");
    page.getByLabel(Pattern.compile("^in large print")).check();
    page.reload();
    assertThat(page.getByLabel(Pattern.compile("^in large print"))).isChecked();
    String address = Objects.requireNonNull(window.link("Open to print").getAttribute("href"));
    APIResponse paper = page.request().get(server.address() + address);
    assertEquals(200, paper.status());
    assertTrue(new String(paper.body(), StandardCharsets.ISO_8859_1).startsWith("%PDF-"));
  }

  private static Locator choice(String name) {
    return page.getByRole(
        AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(Pattern.compile(name)));
  }
}

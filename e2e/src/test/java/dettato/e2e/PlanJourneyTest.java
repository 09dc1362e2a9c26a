package dettato.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/** A session planned from a template, and by few keys. */
class PlanJourneyTest extends Journey {
  /**
   * From a template to the sheet, one block more, one less; all there after a reload, and given.
   */
  @Test
  @Order(1)
  void plansFromATemplateAndChangesItsBlocks() {
    window.link("Week").click();
    page.getByLabel("Plan a session on Wednesday 4 March").click();
    page.getByLabel("What it is about").selectOption("final-ch");
    page.getByLabel("Which kind of session").selectOption("contrast");
    window.button("Plan it").click();
    openBlock("Gap sentences");
    assertThat(block("Gap sentences").getByRole(AriaRole.LISTITEM)).hasCount(3);
    page.getByLabel("Add a block").selectOption("irregular");
    assertThat(block("Irregular words")).isVisible();
    page.waitForResponse(
        "**/api/sessions/*", () -> page.getByLabel("Drop the block Pairs").click());
    window.mustBeAccessible();
    window.mustNotScroll();
    page.reload();
    openBlock("Irregular words");
    assertThat(block("Irregular words").getByRole(AriaRole.LISTITEM)).hasCount(4);
    assertThat(block("Pairs")).hasCount(0);
    window.link("Dictate it").click();
    assertThat(page.getByText("1 of 19")).isVisible();
    window.mustBeAccessible();
  }

  private static void openBlock(String name) {
    block(name).getByRole(AriaRole.BUTTON).first().click();
  }

  /**
   * From the week to a full session by keys alone: planned, one word swapped, one dropped and put
   * back, one moved, one of her own; all there after a reload.
   */
  @Test
  @Order(2)
  void plansASessionByFewKeys() {
    window.link("Week").click();
    assertThat(page.getByLabel("Plan a session on Friday 6 March")).isVisible();
    page.evaluate("document.activeElement.blur()");
    List<String> keys = new ArrayList<>();
    double from = now();
    press(keys, "5", "t", "c", "h", "Enter");
    assertThat(window.heading("Friday 6: tch or ch at the end")).isVisible();
    assertThat(words()).hasCount(10);
    assertThat(block("Sentence")).isVisible();
    List<String> before = texts();
    kept(() -> press(keys, "ArrowDown", "s"));
    assertThat(drop(before.get(0))).hasCount(0);
    kept(() -> press(keys, "ArrowDown", "ArrowDown", "Delete"));
    assertThat(words()).hasCount(9);
    kept(() -> press(keys, "Control+z"));
    assertThat(words()).hasCount(10);
    kept(() -> press(keys, "ArrowDown", "Alt+ArrowDown"));
    kept(() -> press(keys, "o", "b", "e", "n", "c", "h", "e", "s", "Enter"));
    assertThat(drop("benches")).isVisible();
    double took = now() - from;
    List<String> after = texts();
    System.out.printf("a session planned with %d keys in %.1f s%n", keys.size(), took / 1000);
    assertTrue(keys.size() < 25, keys::toString);
    page.reload();
    assertThat(drop("benches")).isVisible();
    assertEquals(after, texts());
    assertEquals(11, after.size());
    assertTrue(after.containsAll(before.subList(1, 10)), before + " " + after);
    assertFalse(after.subList(0, 10).equals(before));
    page.evaluate("document.activeElement.blur()");
  }

  private static void press(List<String> keys, String... more) {
    for (String key : more) {
      page.keyboard().press(key);
      keys.add(key);
    }
  }

  /** A change is kept when the server has answered it. */
  private static void kept(Runnable change) {
    page.waitForResponse(
        r -> r.ok() && r.request().method().equals("PUT") && r.url().contains("/api/sessions/"),
        change);
  }

  private static double now() {
    return ((Number) page.evaluate("performance.timeOrigin + performance.now()")).doubleValue();
  }

  private static List<String> texts() {
    return words().all().stream().map(l -> l.getAttribute("data-item")).toList();
  }
}

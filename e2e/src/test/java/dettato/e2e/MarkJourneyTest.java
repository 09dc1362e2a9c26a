package dettato.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/** Papers of every kind come in: typed, from devices, from a block; and what they say. */
class MarkJourneyTest extends Journey {
  /** Kinds whose answers are letters or choices; the others are sentences, or answered aloud. */
  private static final List<String> WRITTEN =
      List.of(
          "words",
          "sentence",
          "irregular",
          "join",
          "gap",
          "pairs",
          "chain",
          "beats",
          "made-up",
          "sounds",
          "sort",
          "match",
          "hunt",
          "questions",
          "mark-up");

  private static long every;

  /** Each kind is right as its answer says, and off when it is not; marks by keys on the strip. */
  @Test
  @Order(1)
  void everyKindOfAnswerIsTypedAndJudged() throws IOException {
    Client client = new Client(server.address());
    client.logIn();
    JsonObject session = Sessions.ofKinds(client, "2026-03-03", WRITTEN);
    every = session.get("id").getAsLong();
    window.open("/class/1/mark/" + every + "?at=1.1");
    assertThat(page.getByLabel("Papers and words")).isVisible();
    for (JsonObject item : Sessions.items(session)) {
      page.keyboard().type(Sessions.answer(item));
      page.keyboard().press("Enter");
    }
    assertThat(page.getByRole(AriaRole.ROWHEADER).first()).containsText("✓");
    for (JsonObject item : Sessions.items(session)) {
      page.keyboard().type(wrong(Sessions.answer(item)));
      page.keyboard().press("Enter");
    }
    assertThat(page.getByRole(AriaRole.ROWHEADER).nth(1)).containsText("✓");
    window.mustBeAccessible();
    List<String> odd = new ArrayList<>();
    JsonArray papers = kept(client, 2 * WRITTEN.size());
    for (int paper = 0; paper < 2; paper++) {
      for (JsonElement cell : papers.get(paper).getAsJsonObject().getAsJsonArray("cells")) {
        boolean right = cell.getAsJsonObject().get("result").getAsString().equals("RIGHT");
        if (right != (paper == 0)) {
          odd.add(cell.toString());
        }
      }
    }
    assertEquals(List.of(), odd);
  }

  /** The papers when so many cells are kept. */
  private static JsonArray kept(Client client, int cells) throws IOException {
    JsonArray papers = new JsonArray();
    for (int tries = 0; tries < 100 && Sessions.cells(papers) < cells; tries++) {
      page.waitForTimeout(100);
      papers = client.get("/api/sessions/" + every + "/papers").getAsJsonArray();
    }
    assertEquals(cells, Sessions.cells(papers));
    return papers;
  }

  private static String wrong(String answer) {
    return answer.endsWith(".") ? answer.replaceFirst("\\.$", "x.") : "x" + answer + "z";
  }

  /** Letters and marks are told apart: four results, by keys on the strip. */
  @Test
  @Order(2)
  void marksOnAWordAreEnteredByKeys() {
    int column = WRITTEN.indexOf("mark-up") + 1;
    window.open("/class/1/mark/" + every + "?at=3." + column);
    String word =
        Objects.requireNonNull(
                page.getByLabel("Papers and words")
                    .locator("thead th")
                    .nth(column)
                    .getAttribute("title"))
            .replaceAll(":.*", "");
    page.keyboard().type(word);
    page.keyboard().press("Enter");
    page.keyboard().press("Enter");
    cell("Dilan, " + word).click();
    page.keyboard().type(word);
    page.keyboard().press("Enter");
    page.keyboard().press("0");
    page.keyboard().press("Enter");
    assertThat(cell("Cadi, " + word + ": letters right, marks right|Cadi, " + word + ": right"))
        .isVisible();
    assertThat(cell("Dilan, " + word + ": letters right, marks off")).isVisible();
    cell("Esme, " + word).click();
    page.keyboard().type(word + word.charAt(word.length() - 1));
    page.keyboard().press("Enter");
    page.keyboard().press("Enter");
    assertThat(cell("Esme, " + word + ": letters off, marks off")).isVisible();
    window.mustBeAccessible();
  }

  private static Locator cell(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^(" + name + ")")));
  }

  /** What is said aloud has no paper: who stumbled is noted while it is given, or after. */
  @Test
  @Order(3)
  void whoStumblesIsNotedAndPointsAreGiven() throws IOException {
    Client client = new Client(server.address());
    client.logIn();
    JsonObject session =
        Sessions.ofKinds(client, "2026-03-02", List.of("listen", "words", "words"));
    String id = session.get("id").getAsString();
    window.open("/class/1/dictate/" + id);
    assertThat(window.button("N who?")).isVisible();
    page.keyboard().press("n");
    page.getByLabel("First letters of a name").fill("ba");
    page.keyboard().press("Enter");
    assertThat(
            page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Bashir").setPressed(true)))
        .isVisible();
    window.mustBeAccessible();
    page.keyboard().press("Escape");
    assertThat(window.button("N Bashir")).isVisible();
    page.keyboard().press("s");
    page.keyboard().press("p");
    page.keyboard().press("c");
    page.keyboard().press("c");
    page.keyboard().press("t");
    assertThat(page.getByLabel("The class: ½ points")).isVisible();
    assertThat(page.getByLabel("The teacher: 1 points")).isVisible();
    window.mustBeAccessible();
    window.mustNotScroll();
    page.keyboard().press("s");
    page.keyboard().press("c");
    assertThat(page.getByLabel("The class: 1½ points")).isVisible();
    page.reload();
    assertThat(page.getByLabel("The class: 1½ points")).isVisible();
    window.open("/class/1/mark/" + id);
    assertThat(page.getByText("class 1½, teacher 1")).isVisible();
    window.button("Aloud").click();
    assertThat(page.getByText("1 of 1 stumbled over")).isVisible();
    window.mustBeAccessible();
    page.keyboard().press("Escape");
  }

  /** A made-up class writes through the children's own page; then the papers say what to teach. */
  @Test
  @Order(4)
  void theMadeUpClassWritesAndThePapersSpeak() throws IOException {
    Client client = new Client(server.address());
    client.logIn();
    JsonObject session = Sessions.ofKinds(client, "2026-02-27", List.of("join", "words", "words"));
    window.open("/class/1/mark/" + session.get("id").getAsString());
    window.button("Tablets").click();
    window.button("Let the made-up class write").click();
    assertThat(page.getByText("26 are writing")).isVisible();
    window.mustBeAccessible();
    window.button("Close").click();
    assertThat(page.getByText("26 of 26 papers")).isVisible();
    Locator lines = page.getByLabel("What these papers say");
    assertThat(lines.getByRole(AriaRole.LISTITEM).first()).isVisible();
    window.mustBeAccessible();
    window.mustNotScroll();
    assertTrue(lines.getByRole(AriaRole.LISTITEM).count() <= 3);
    Locator names = page.getByRole(AriaRole.ROWHEADER);
    names.nth(2).dragTo(names.nth(0));
    assertThat(names.first()).containsText("Cadi");
    page.reload();
    assertThat(names.first()).containsText("Cadi");
    window.button("A–Z").click();
    assertThat(names.first()).containsText("Anwen");
  }

  /** A child at a phone writes; the teacher's grid fills while she looks at it. */
  @Test
  @Order(5)
  void aChildWritesOnAPhone() {
    window.link("Mark").click();
    window.button("Tablets").click();
    window.button("Hand it out").click();
    String code =
        Objects.requireNonNull(page.getByLabel(Pattern.compile("^Code")).textContent()).strip();
    window.mustBeAccessible();
    try (BrowserContext phone = window.another(390, 844)) {
      Page theirs = phone.newPage();
      theirs.navigate(server.address() + "/write?code=" + code);
      theirs
          .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Zeke").setExact(true))
          .click();
      Locator first = theirs.getByLabel("Number 1", new Page.GetByLabelOptions().setExact(true));
      assertThat(first).isFocused();
      first.fill("stopt");
      first.press("Enter");
      assertThat(theirs.getByText("2 of")).isVisible();
      theirs.reload();
      assertThat(theirs.getByText("2 of")).isVisible();
      assertThat(page.getByLabel("Who has handed in")).containsText("Zeke 1/");
      window.button("Close").click();
      assertThat(
              page.getByRole(
                  AriaRole.BUTTON,
                  new Page.GetByRoleOptions()
                      .setName(Pattern.compile("^Zeke, " + firstWord() + ": stopt"))))
          .isVisible();
    }
  }

  private static String firstWord() {
    return page.locator("thead th [data-head]").first().innerText();
  }

  /** A block that a teacher copied from a spreadsheet. */
  @Test
  @Order(6)
  void papersComeFromASpreadsheet() {
    window.button("Paste or file").click();
    page.getByLabel("The block").fill("\t" + firstWord() + "\nYusra\tstoped\nZed\tx\n");
    assertThat(page.getByText("nobody in the class is called so")).isVisible();
    window.mustBeAccessible();
    window.button("Put one answer in").click();
    assertThat(
            page.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions()
                    .setName(Pattern.compile("^Yusra, " + firstWord() + ": stoped"))))
        .isVisible();
  }

  /** What a child wrote, and what was asked, is whole at every width, letter by letter. */
  @Test
  @Order(7)
  void everyCellAndHeadIsWholeAtEveryWidth() throws IOException {
    Client client = new Client(server.address());
    client.logIn();
    JsonObject longest =
        Sessions.ofKinds(
            client, "2026-02-26", List.of("words", "sort", "gap", "sentence", "questions"));
    String id = longest.get("id").getAsString();
    List<JsonObject> items = Sessions.items(longest);
    int child = 0;
    for (JsonElement paper : client.get("/api/sessions/" + id + "/papers").getAsJsonArray()) {
      String written = "wmchardgeingstrangerx".substring(child % 2, child % 2 + 20);
      String pupil = paper.getAsJsonObject().getAsJsonObject("pupil").get("id").getAsString();
      for (JsonObject item : items.subList(0, 3)) {
        client.put(
            "/api/sessions/" + id + "/papers/" + pupil + "/items/" + item.get("id").getAsString(),
            "{\"written\":\"" + written + "\",\"state\":\"WRITTEN\"}");
      }
      child++;
    }
    assertEquals(26, child);
    for (String session : List.of("4", "8", "10", id)) {
      for (int width : session.equals("4") ? List.of(1280) : List.of(800, 1024, 1280)) {
        page.setViewportSize(width, 800);
        window.open("/class/1/mark/" + session + "?at=2.1");
        assertThat(page.getByLabel("Papers and words")).isVisible();
        assertEquals(List.of(), page.evaluate(CUT, session), "session " + session + " at " + width);
      }
    }
    page.setViewportSize(1280, 800);
  }

  /**
   * Cells and heads whose letters reach beyond them, are cut, or are not those that were written.
   */
  private static final String CUT =
      """
      async (id) => {
        const found = []
        const ask = async (path) => (await fetch(path)).json()
        const papers = await ask('/api/sessions/' + id + '/papers')
        const items = (await ask('/api/sessions/' + id)).blocks.filter((b) => !b.spoken).flatMap((b) => b.items)
        for (const cell of document.querySelectorAll('table th, table td')) {
          const box = cell.getBoundingClientRect()
          const letters = document.createRange()
          letters.selectNodeContents(cell)
          for (const part of letters.getClientRects())
            if (part.width > 1 && (part.left < box.left - 1 || part.right > box.right + 1)) found.push('reaches out: ' + cell.innerText)
          for (const inside of [cell, ...cell.querySelectorAll('*')])
            if (inside.clientWidth > 1 && inside.scrollWidth > inside.clientWidth + 1 && getComputedStyle(inside).overflowX !== 'visible')
              found.push('is cut: ' + cell.innerText + (inside.value ?? ''))
        }
        const rows = [...document.querySelectorAll('tbody tr')]
        papers.forEach((paper, r) => paper.cells.forEach((cell) => {
          const at = items.findIndex((i) => i.id === cell.itemId)
          const box = rows[r]?.querySelectorAll('td')[at]
          const drawn = (box?.querySelector('input')?.value ?? box?.innerText ?? '').replace(/[▾≈✎]/g, '').trim()
          if (cell.mark && cell.result !== 'RIGHT' && drawn !== cell.written) found.push(cell.written + ' is drawn ' + drawn)
        }))
        return found
      }
      """;
}

package dettato.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/** From the shelf to a sheet: rival spellings, a search, a word of the school's own, sentences. */
class ShelfJourneyTest extends Journey {
  @Test
  @Order(1)
  void getsAMixedListForRivalSpellingsAndPutsItOnTomorrowsSheet() {
    window.link("Sounds").click();
    page.getByLabel("ai as in rain").click();
    for (String spelling : List.of("ai", "ay", "a-e")) {
      page.getByLabel("Tick " + spelling, new Page.GetByLabelOptions().setExact(true)).check();
    }
    window.button("Get words").click();
    Locator chosen = page.getByLabel("Chosen words").getByRole(AriaRole.LISTITEM);
    assertThat(chosen).hasCount(12);
    List<String> spellings = page.getByLabel("Chosen words").locator("li .rounded").allInnerTexts();
    List<String> tags =
        spellings.stream().filter(t -> Set.of("ai", "ay", "a-e").contains(t)).toList();
    for (String spelling : List.of("ai", "ay", "a-e")) {
      assertEquals(4, tags.stream().filter(spelling::equals).count(), spelling + " in " + tags);
    }
    for (int i = 3; i < tags.size(); i++) {
      assertFalse(Set.copyOf(tags.subList(i - 3, i + 1)).size() == 1, tags.toString());
    }
    window.mustBeAccessible();
    window.mustNotScroll();
    List<String> words =
        chosen.locator("[role=img]").all().stream().map(l -> l.getAttribute("aria-label")).toList();
    window.button("Put on its sheet").click();
    assertThat(page.getByText("12 words are on")).isVisible();
    window.link("Open the sheet").click();
    for (String word : words) {
      assertThat(page.getByLabel("Drop " + word, new Page.GetByLabelOptions().setExact(true)))
          .isVisible();
    }
  }

  @Test
  @Order(2)
  void turnsTheFiguresRoundAndKeepsThePlaceInTheAddress() {
    window.link("Sounds").click();
    window.button("By spelling").click();
    window.button("ea").click();
    assertThat(page.getByLabel("Sounds of ea")).containsText("leaf");
    window.mustBeAccessible();
    page.reload();
    assertThat(page.getByLabel("Sounds of ea")).containsText("hen");
  }

  @Test
  @Order(3)
  void findsWordsByLettersAndSoundAndPicksThem() {
    window.link("Words").click();
    page.getByLabel("Letters: ? is one, * is any").fill("*ight");
    page.getByLabel("Number of sounds").selectOption("4");
    assertThat(page.getByLabel("Pick bright")).isVisible();
    assertThat(page.getByLabel("Pick light", new Page.GetByLabelOptions().setExact(true)))
        .hasCount(0);
    page.getByLabel("Pick flight").check();
    page.getByLabel("Pick slight").check();
    assertThat(window.heading("Picked · 2")).isVisible();
    window.mustBeAccessible();
    window.mustNotScroll();
    page.reload();
    assertThat(window.heading("Picked · 2")).isVisible();
  }

  @Test
  @Order(4)
  void addsANameMendedByKeyboardAndUsesItAtOnce() {
    window.button("Clear all filters").click();
    page.getByLabel("Letters: ? is one, * is any").fill("quoyle");
    window.button("Add it as our own").click();
    Locator mender = page.getByLabel(Pattern.compile("^Mend the cut"));
    assertThat(mender).isVisible();
    mender.focus();
    String before = mender.getAttribute("aria-label");
    page.keyboard().press("ArrowDown");
    assertThat(mender).not().hasAttribute("aria-label", before);
    page.keyboard().press("ArrowUp");
    assertThat(mender).hasAttribute("aria-label", before);
    page.getByLabel("A clue to say with it").fill("a place on the island");
    window.mustBeAccessible();
    page.keyboard().press("Enter");
    assertThat(page.getByLabel("Pick quoyle")).isVisible();
    window.button("Our own words").click();
    assertThat(page.getByLabel("Mend quoyle")).isVisible();
    window.mustBeAccessible();
    page.getByLabel("Take quoyle away").click();
    assertThat(page.getByText("None yet")).isVisible();
  }

  @Test
  @Order(5)
  void explainsASpellingOnTheRulesPage() {
    window.link("Rules").click();
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("^dge or ge at the end")))
        .click();
    assertThat(page.getByLabel("dge due")).containsText("judge");
    assertThat(page.getByLabel("ge due, dge not")).containsText("a consonant stands between");
    page.getByLabel("The word").fill("smudge");
    page.getByLabel("What was written").fill("smuge");
    assertThat(page.getByLabel("Try it")).containsText("left out where due");
    window.mustBeAccessible();
    window.mustNotScroll();
    page.reload();
    assertThat(page.getByLabel("Try it")).containsText("reads otherwise");
  }

  @Test
  @Order(6)
  void choosesThreeSentencesForRivalSpellingsAndPutsThemOnTomorrowsSheet() {
    window.link("Texts").click();
    page.getByLabel("Sound", new Page.GetByLabelOptions().setExact(true)).selectOption("eɪ");
    Locator found = page.getByLabel("Sentences found");
    List<String> picked = new ArrayList<>();
    for (String spelling : List.of("ai", "ay")) {
      page.getByLabel("Spelling", new Page.GetByLabelOptions().setExact(true))
          .selectOption(spelling);
      assertThat(found.locator("li b").first()).hasText(spelling);
      for (int i = 0; i < (spelling.equals("ai") ? 2 : 1); i++) {
        Locator line = found.getByRole(AriaRole.CHECKBOX).nth(i);
        picked.add(line.getAttribute("aria-label").replace("Pick: ", ""));
        line.check();
      }
    }
    assertThat(window.heading("Picked · 3")).isVisible();
    window.mustBeAccessible();
    window.mustNotScroll();
    page.reload();
    assertThat(window.heading("Picked · 3")).isVisible();
    window.button("Put on its sheet").click();
    assertThat(page.getByText("3 sentences are on")).isVisible();
    window.link("Open the sheet").click();
    page.waitForURL("**/prepare/*");
    page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Sentence")))
        .click();
    for (String sentence : picked) {
      assertThat(page.getByLabel("Drop " + sentence, new Page.GetByLabelOptions().setExact(true)))
          .isVisible();
    }
  }

  @Test
  @Order(7)
  void checksATextAsItIsTypedAndFindsChainsAndPairs() {
    window.link("Texts").click();
    window.button("Check a text").click();
    page.getByLabel("Type or paste a sentence or a text").fill("the seal swam on monday");
    assertThat(page.getByLabel("What was found")).containsText("monday is a name: write Monday.");
    assertThat(page.getByLabel("What was found")).containsText("has no end mark");
    window.mustBeAccessible();
    page.reload();
    assertThat(page.getByLabel("What was found")).containsText("monday is a name");
    window.button("Chains").click();
    assertThat(page.getByLabel("The chain found").getByRole(AriaRole.LISTITEM)).hasCount(8);
    window.mustBeAccessible();
    window.mustNotScroll();
    window.button("Pairs").click();
    assertThat(page.getByLabel("Pairs found").getByRole(AriaRole.LISTITEM).first()).isVisible();
    window.mustBeAccessible();
  }

  /** A sheet of gap sentences, a sentence of the school's own, and the way there from a word. */
  @Test
  @Order(8)
  void makesExercisesAndKeepsASentenceOfTheSchool() {
    window.link("Texts").click();
    window.button("Exercises").click();
    page.getByLabel("Rule", new Page.GetByLabelOptions().setExact(true)).selectOption("final-ch");
    assertThat(page.getByLabel("To choose from").getByRole(AriaRole.LISTITEM)).hasCount(8);
    window.mustBeAccessible();
    window.mustNotScroll();
    page.getByLabel("Kind").selectOption("listen");
    window.button("hard").click();
    assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Tasks")))
        .containsText("Which word is it?");
    window.mustBeAccessible();
    page.reload();
    assertThat(window.button("hard")).hasAttribute("aria-pressed", "true");
    window.button("Sentences").click();
    window.button("Clear all filters").click();
    page.getByText("Your own sentences").click();
    page.getByLabel("A sentence of your own").fill("The limpet will not let go.");
    page.keyboard().press("Tab");
    page.keyboard().press("Enter");
    assertThat(page.getByText("our own", new Page.GetByTextOptions().setExact(true)).first())
        .isVisible();
    window.mustBeAccessible();
    window.mustNotScroll();
    page.getByLabel("Take away: The limpet will not let go.").click();
    assertThat(page.getByText("our own", new Page.GetByTextOptions().setExact(true))).hasCount(0);
    window.link("Words").click();
    page.getByLabel(Pattern.compile("^Chains from ")).first().focus();
    page.keyboard().press("Enter");
    assertThat(page.getByLabel("First word")).not().hasValue("");
  }

  /** What is dealt next, what sleeps, and why: in the address, by keyboard. */
  @Test
  @Order(9)
  void looksThroughTheDeck() {
    window.link("Deck").click();
    assertThat(window.heading("The deck")).isVisible();
    assertThat(page.locator("main li").first()).isVisible();
    window.mustBeAccessible();
    window.mustNotScroll();
    page.getByText(Pattern.compile("^not asked yet")).click();
    page.getByText("words", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(page.getByText("spell it by heart").first()).isVisible();
    page.reload();
    assertThat(page.getByText("spell it by heart").first()).isVisible();
    assertThat(page).hasURL(Pattern.compile("state=new&kind=IRREGULAR"));
    window.mustBeAccessible();
  }
}

package dettato.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertFalse;

import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.util.regex.Pattern;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** No screen shows a phonetic sign, since the demo class has not chosen them. */
class SoundSignsJourneyTest extends Journey {
  private static final Pattern SIGN = Pattern.compile("[ɪʊɛæɒʌɔɜəθðʃʒŋɡɑɚɝː]");

  @ParameterizedTest(name = "{0}")
  @ValueSource(
      strings = {
        "week",
        "prepare/11",
        "dictate/11?item=3&step=6",
        "mark/10?at=11.1",
        "mark/10?at=11.11",
        "respond",
        "words?rule=final-j",
        "sounds",
        "sounds?view=letters",
        "rules",
        "texts",
        "texts?view=exercises",
        "texts?view=pairs",
        "texts?view=chains",
        "deck",
        "class",
        "class?part=path",
        "print/11"
      })
  void aScreenShowsNone(String path) {
    window.open("/class/1/" + path);
    assertThat(page.getByRole(AriaRole.MAIN)).isVisible();
    page.waitForLoadState(LoadState.NETWORKIDLE);
    String shown = page.locator("body").innerText();
    assertFalse(SIGN.matcher(shown).find(), () -> path + ": " + around(shown));
  }

  private static String around(String shown) {
    return shown.lines().filter(l -> SIGN.matcher(l).find()).limit(8).toList().toString();
  }
}

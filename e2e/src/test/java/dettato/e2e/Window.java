package dettato.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

/** A browser window of 1280 × 800 on the application, as a teacher has it. */
final class Window implements AutoCloseable {
  private static final Path SCREENSHOTS = Path.of("../docs/screenshots");

  private final Playwright playwright;
  private final String address;
  final Page page;

  /**
   * @param address of a server
   */
  Window(String address) {
    this.address = address;
    // A busy machine may be slow; the journey waits for what it expects, it does not time it.
    PlaywrightAssertions.setDefaultAssertionTimeout(30_000);
    this.playwright =
        Playwright.create(
            new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    Browser browser =
        playwright
            .chromium()
            .launch(
                new BrowserType.LaunchOptions()
                    .setExecutablePath(Path.of("/usr/bin/chromium"))
                    .setChromiumSandbox(false)
                    .setArgs(
                        List.of(
                            "--disable-gpu",
                            "--disable-quic",
                            "--no-first-run",
                            "--disable-background-networking",
                            "--disable-component-update",
                            "--disable-sync")));
    this.page =
        browser
            .newContext(
                new Browser.NewContextOptions().setViewportSize(1280, 800).setLocale("en-GB"))
            .newPage();
  }

  /** Another device in the same browser, which shares nothing with this window. */
  BrowserContext another(int width, int height) {
    return page.context()
        .browser()
        .newContext(
            new Browser.NewContextOptions().setViewportSize(width, height).setLocale("en-GB"));
  }

  void logIn() {
    page.navigate(address + "/");
    page.getByLabel("Name").fill("demo");
    page.getByLabel("Password").fill("demo-dettato");
    page.keyboard().press("Enter");
    assertThat(heading("This week")).isVisible();
  }

  void open(String path) {
    page.navigate(address + path);
  }

  com.microsoft.playwright.Locator heading(String name) {
    return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(name));
  }

  com.microsoft.playwright.Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  com.microsoft.playwright.Locator radio(String name) {
    return page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  com.microsoft.playwright.Locator link(String name) {
    return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
  }

  /**
   * Waits until nothing is on its way and nothing on the page fades or slides: half-faded letters
   * have no contrast yet, and what arrives may begin to fade in.
   */
  private void settle() {
    page.waitForLoadState(LoadState.NETWORKIDLE);
    page.waitForFunction(
        "() => document.getAnimations().every(a => a.playState !== 'running'"
            + " || !(a.timeline instanceof DocumentTimeline)"
            + " || a.effect.getComputedTiming().endTime === Infinity)");
  }

  /** Fails when axe finds anything, naming rule and place. */
  void mustBeAccessible() {
    settle();
    var found = new AxeBuilder(page).analyze().getViolations();
    assertEquals(
        List.of(),
        found.stream().map(v -> v.getId() + " " + v.getNodes().get(0).getHtml()).toList(),
        "axe on " + page.url());
  }

  /** Fails when the page itself scrolls at 1280 × 800. */
  void mustNotScroll() {
    Object over =
        page.evaluate(
            "() => { const m = document.querySelector('main');"
                + " return Math.max(m.scrollHeight - m.clientHeight, m.scrollWidth - m.clientWidth,"
                + " document.documentElement.scrollHeight - innerHeight); }");
    assertEquals(0, ((Number) over).intValue(), "pixels that do not fit on " + page.url());
  }

  /** Fails when the page is wider than its window: what is wide scrolls in a frame of its own. */
  void mustNotScrollSideways() {
    Object over =
        page.evaluate(
            "() => { const m = document.querySelector('main');"
                + " return Math.max(m.scrollWidth - m.clientWidth,"
                + " document.documentElement.scrollWidth - innerWidth); }");
    assertEquals(0, ((Number) over).intValue(), "pixels too wide on " + page.url());
  }

  /** Keeps a picture for the docs, when asked to ({@code -Ddettato.screenshots=true}). */
  void picture(String name) {
    if (Boolean.getBoolean("dettato.screenshots")) {
      page.evaluate("document.fonts.ready");
      settle();
      page.screenshot(new Page.ScreenshotOptions().setPath(SCREENSHOTS.resolve(name + ".png")));
    }
  }

  @Override
  public void close() {
    playwright.close();
  }
}

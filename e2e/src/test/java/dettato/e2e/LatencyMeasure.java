package dettato.e2e;

import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;

/**
 * How soon a verdict stands on the screen after the last letter of a word, in a session of thirteen
 * words and a sentence of a class with a year of marks behind it; run by {@code bin/measure
 * --latency}. Beside it the long tasks of the page while letters are typed.
 */
public final class LatencyMeasure {
  private static final List<String> WORDS =
      List.of(
          "crunch", "hatch", "fetch", "coach", "branch", "stitch", "finch", "pouch", "ditch",
          "beach", "match", "bench", "patch");
  private static final List<String> WRONG =
      List.of(
          "cruntch", "hach", "fech", "coatch", "brantch", "stich", "fintch", "poutch", "dich",
          "beatch", "mach", "bentch", "pach");
  private static final String SENTENCE = "A finch sat on the branch.";

  /** Milliseconds from key to key. */
  private static final int FASTEST = 110;

  private static final int MORE = 60;

  private static final int PAPERS = 12;

  private LatencyMeasure() {}

  /**
   * @param args the address of a server that holds a class-year
   */
  public static void main(String[] args) {
    try (Window window = new Window(args[0])) {
      Page page = window.page;
      window.logIn();
      measure(page, args[0]);
    }
  }

  private static void measure(Page page, String address) {
    List<?> made = (List<?>) page.evaluate(SESSION, List.of(words(), SENTENCE));
    page.navigate(address + "/class/" + made.get(0) + "/mark/" + made.get(1) + "?at=1.1");
    page.getByLabel("Papers and words").waitFor();
    page.waitForTimeout(2000);
    page.evaluate("() => performance.setResourceTimingBufferSize(5000)");
    page.evaluate(WATCH);
    Random random = new Random(4);
    for (int paper = 0; paper < PAPERS; paper++) {
      for (String word : WRONG) {
        type(page, word, random);
        verdict(page);
        page.keyboard().press("Enter");
        page.waitForTimeout(FASTEST);
      }
      page.keyboard().press("=");
      page.waitForTimeout(FASTEST);
    }
    System.out.println(page.evaluate(TOLD));
  }

  private static void type(Page page, String word, Random random) {
    for (char letter : word.toCharArray()) {
      page.keyboard().press(String.valueOf(letter));
      page.waitForTimeout(FASTEST + random.nextInt(MORE));
    }
  }

  /** Waits until the panel explains what was typed last. */
  private static void verdict(Page page) {
    page.waitForFunction("() => window.shown >= window.typed");
  }

  private static String words() {
    return WORDS.stream().map(w -> "{\"text\":\"" + w + "\"}").collect(Collectors.joining(","));
  }

  /** A session of the class that has a year behind it; the ids of both. */
  private static final String SESSION =
      "async ([words, sentence]) => {"
          + " const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]);"
          + " const ask = async (method, path, body, more) => (await fetch(path, { method, headers: {"
          + " 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token, ...more }, body: body &&"
          + " JSON.stringify(body) })).json();"
          + " const of = (await ask('GET', '/api/classes')).find(c => c.name === 'Class Whelk');"
          + " const s = await ask('POST', `/api/classes/${of.id}/sessions`, { date: '2026-07-17',"
          + " template: 'dictation', focus: [{ rule: 'final-ch' }] });"
          + " const plan = { date: '2026-07-17', title: '', focus: s.focus, blocks: [{ kind: 'words',"
          + " items: JSON.parse('[' + words + ']') }, { kind: 'sentence', items: [{ text: sentence }]"
          + " }] };"
          + " await ask('PUT', `/api/sessions/${s.id}`, plan, { 'If-Match': `\"${s.version}\"` });"
          + " return [of.id, s.id] }";

  /** Notes when a letter was pressed, when the answer to it is drawn, and every long task. */
  private static final String WATCH =
      "() => { window.slow = []; window.took = []; window.typed = 0; window.shown = 0; let at = 0;"
          + " window.last = '';"
          + " new PerformanceObserver(l => l.getEntries().forEach(e => window.slow.push([e.duration,"
          + " window.last]))).observe({ type: 'longtask' });"
          + " addEventListener('keydown', e => { window.last = e.key; if (/^[a-z]$/.test(e.key)) {"
          + " at = e.timeStamp; window.typed++ } }, true);"
          + " new MutationObserver(() => { const written = document.activeElement?.value;"
          + " if (!written || window.shown >= window.typed) return;"
          + " if (!document.querySelector(`[role=img][aria-label*=', written ${written}:']`)) return;"
          + " const typed = window.typed; window.shown = typed;"
          + " requestAnimationFrame(() => window.took.push(performance.now() - at)) })"
          + ".observe(document.body, { subtree: true, childList: true, characterData: true,"
          + " attributes: true }) }";

  private static final String TOLD =
      "() => { const mid = (all, p) => Math.round(all.sort((a, b) => a - b)"
          + "[Math.floor((all.length - 1) * p)]);"
          + " const sent = performance.getEntriesByType('resource').filter(e => /items\\/\\d+$/.test("
          + "e.name)).map(e => e.duration);"
          + " return `key to verdict: median ${mid(window.took, 0.5)} ms, p95 ${mid(window.took, 0.95)}"
          + " ms of ${window.took.length}; sent to answered: median ${mid(sent, 0.5)} ms, p95"
          + " ${mid(sent, 0.95)} ms of ${sent.length}; long tasks over 50 ms: ${window.slow.length}${"
          + "window.slow.length ? ': ' + window.slow.map(([ms, key]) => `${Math.round(ms)} ms at ${key}`)"
          + ".join(', ') : ''}` }";
}

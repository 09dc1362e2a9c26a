package dettato.e2e;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Marks 28 papers of ten words and a sentence as a teacher with a keyboard would, and counts keys
 * and seconds; run by {@code bin/measure --marking}. The wrong spellings of a word are few and come
 * again with other children, as they do in a class.
 */
public final class MarkingMeasure {
  private static final int CHILDREN = 28;

  /** Milliseconds from key to key of a fast typist. */
  private static final int HUMAN = 110;

  private static final List<String> WORDS =
      List.of(
          "crunch", "hatch", "fetch", "coach", "branch", "stitch", "finch", "pouch", "ditch",
          "beach");
  private static final List<List<String>> WRONG =
      List.of(
          List.of("cruntch", "cruch"),
          List.of("hach", "hacth"),
          List.of("fech", "fetsh"),
          List.of("coatch", "coch"),
          List.of("brantch", "branh"),
          List.of("stich", "stitsh"),
          List.of("fintch", "finsh"),
          List.of("poutch", "pawch"),
          List.of("dich", "ditsh"),
          List.of("beatch", "beech"));
  private static final String SENTENCE = "A finch sat on the branch.";

  private final Page page;
  private final int pause;
  private final List<String> meant = new ArrayList<>();
  private int keys;
  private int rightKeys;
  private int rightWords;
  private int wrongKeys;
  private int wrongWords;

  private MarkingMeasure(Page page, int pause) {
    this.page = page;
    this.pause = pause;
  }

  /**
   * @param args the address of a server with demo data
   */
  public static void main(String[] args) {
    try (Window window = new Window(args[0])) {
      Page page = window.page;
      window.logIn();
      new MarkingMeasure(page, 0).run(args[0], 0.72);
      new MarkingMeasure(page, 0).run(args[0], 0.95);
      new MarkingMeasure(page, HUMAN).run(args[0], 0.72);
    }
  }

  private void run(String address, double right) {
    long[] made = session(right);
    page.navigate(address + "/class/" + made[0] + "/mark/" + made[1] + "?at=1.1");
    page.getByLabel("Papers and words").waitFor();
    page.waitForTimeout(2000);
    page.evaluate("() => performance.setResourceTimingBufferSize(5000)");
    page.evaluate(
        "() => { window.slow = []; new PerformanceObserver(l => l.getEntries().forEach(e =>"
            + " window.slow.push(e.duration))).observe({ type: 'longtask' }) }");
    Random random = new Random(5);
    Map<Integer, Map<String, Integer>> seen = new HashMap<>();
    long start = System.nanoTime();
    for (int child = 0; child < CHILDREN; child++) {
      paper(random, right, seen);
    }
    double seconds = (System.nanoTime() - start) / 1e9;
    page.waitForTimeout(1500);
    int wrongThere = mistaken(made[1]);
    int words = rightWords + wrongWords;
    System.out.printf(
        "%.0f %% right, %d ms between keys (%d cells are not what was meant): %d keys for %d words and %d sentences, %.2f a word; a right word %.2f, a wrong"
            + " one %.2f; %.1f s of page time; %s%n",
        100 * right,
        pause,
        wrongThere,
        keys,
        words,
        CHILDREN,
        (double) (rightKeys + wrongKeys) / words,
        (double) rightKeys / rightWords,
        (double) wrongKeys / Math.max(1, wrongWords),
        seconds,
        page.evaluate(
            "() => { const took = performance.getEntriesByType('resource').filter(e =>"
                + " /items\\/\\d+$/.test(e.name)).map(e => e.duration).sort((a, b) => a - b);"
                + " return 'sent to answered: median ' + Math.round(took[took.length >> 1]) + ' ms, p95 '"
                + " + Math.round(took[Math.floor(took.length * 0.95)]) + ' ms of ' + took.length +"
                + " '; long tasks over 50 ms: ' + window.slow.length + (window.slow.length ? ', longest '"
                + " + Math.round(Math.max(...window.slow)) + ' ms' : '') }"));
  }

  /** How many cells do not hold what was meant for them. */
  private int mistaken(long session) {
    Object there =
        page.evaluate(
            "async id => (await (await fetch(`/api/sessions/${id}/papers`)).json()).flatMap(p =>"
                + " p.cells.map(c => c.written))",
            (int) session);
    List<String> written = ((List<?>) there).stream().map(String::valueOf).sorted().toList();
    List<String> wanted = meant.stream().sorted().toList();
    int same = 0;
    for (int i = 0; i < Math.min(written.size(), wanted.size()); i++) {
      same += written.get(i).equals(wanted.get(i)) ? 1 : 0;
    }
    return wanted.size() - same;
  }

  /** A paper: words one after the other; where all that is left is right, one key says so. */
  private void paper(Random random, double right, Map<Integer, Map<String, Integer>> seen) {
    List<String> wrong = new ArrayList<>();
    for (int w = 0; w < WORDS.size(); w++) {
      List<String> forms = WRONG.get(w);
      wrong.add(
          random.nextDouble() < right
              ? ""
              : forms.get(random.nextDouble() < 0.75 ? 0 : forms.size() - 1));
    }
    boolean sentence = random.nextDouble() < right;
    for (int w = 0; w < WORDS.size(); w++) {
      meant.add(wrong.get(w).isEmpty() ? WORDS.get(w) : wrong.get(w));
    }
    meant.add(sentence ? SENTENCE : "A fintch sat on the branch.");
    for (int w = 0; w < WORDS.size(); w++) {
      boolean rest = sentence && wrong.subList(w, WORDS.size()).stream().allMatch(String::isEmpty);
      if (rest) {
        press("+");
        rightKeys++;
        rightWords += WORDS.size() - w;
        return;
      }
      if (wrong.get(w).isEmpty()) {
        press("=");
        rightKeys++;
        rightWords++;
      } else {
        int before = keys;
        write(wrong.get(w), seen.computeIfAbsent(w, k -> new HashMap<>()));
        wrongKeys += keys - before;
        wrongWords++;
      }
    }
    if (sentence) {
      press("=");
    } else {
      // Two words on, and the letters of the one that is wrong.
      press("ArrowRight");
      press("ArrowRight");
      "fintch".chars().forEach(c -> press(String.valueOf((char) c)));
      press("Enter");
    }
  }

  /** Two letters and a figure, where another child wrote so; else letter by letter. */
  private void write(String wrong, Map<String, Integer> seen) {
    List<String> ready =
        seen.entrySet().stream()
            .filter(e -> e.getKey().startsWith(wrong.substring(0, 2)))
            .sorted(
                Map.Entry.<String, Integer>comparingByValue()
                    .reversed()
                    .thenComparing(Map.Entry.comparingByKey()))
            .map(Map.Entry::getKey)
            .toList();
    int at = ready.indexOf(wrong);
    if (at >= 0 && at < 3) {
      press(wrong.substring(0, 1));
      press(wrong.substring(1, 2));
      press(String.valueOf(at + 1));
    } else {
      wrong.chars().forEach(c -> press(String.valueOf((char) c)));
      press("Enter");
    }
    seen.merge(wrong, 1, Integer::sum);
  }

  private void press(String key) {
    page.keyboard().press(key);
    keys++;
    if (pause > 0) {
      page.waitForTimeout(pause);
    }
  }

  /** A class of its own and a session with these words; their ids. */
  private long[] session(double right) {
    String names =
        IntStream.range(0, CHILDREN)
            .mapToObj(i -> "\"Child " + (char) ('A' + i / 2) + (i % 2 + 1) + "\"")
            .collect(Collectors.joining(","));
    String words =
        WORDS.stream().map(w -> "{\"text\":\"" + w + "\"}").collect(Collectors.joining(","));
    Object made =
        page.evaluate(
            "async ([names, words, sentence, name]) => {"
                + " const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]);"
                + " const ask = async (method, path, body, more) => (await fetch(path, { method,"
                + " headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token, ...more },"
                + " body: JSON.stringify(body) })).json();"
                + " const of = await ask('POST', '/api/classes', { name, accent: 'en-GB', pupils:"
                + " JSON.parse('[' + names + ']') });"
                + " const s = await ask('POST', `/api/classes/${of.id}/sessions`, { date:"
                + " '2026-07-17', template: 'dictation', focus: [{ rule: 'final-ch' }] });"
                + " const plan = { date: '2026-07-17', title: '', focus: s.focus, blocks: [{ kind:"
                + " 'words', items: JSON.parse('[' + words + ']') }, { kind: 'sentence', items: [{"
                + " text: sentence }] }] };"
                + " await ask('PUT', `/api/sessions/${s.id}`, plan, { 'If-Match': `\"${s.version}\"` });"
                + " return [of.id, s.id] }",
            List.of(names, words, SENTENCE, "Class Whelk " + right));
    List<?> ids = (List<?>) made;
    return new long[] {((Number) ids.get(0)).longValue(), ((Number) ids.get(1)).longValue()};
  }
}

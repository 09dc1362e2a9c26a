package dettato.bench.whole;

import dettato.rule.Opportunity;
import dettato.rule.Outcome;
import dettato.rule.RuleBook;
import dettato.rule.SpellingRule;
import dettato.simulate.Habit;
import dettato.simulate.SimulatedChild;
import dettato.simulate.SimulatedClass;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * A year of one class, 28 children of 2,002 attempts each, made by the simulator and sent over the
 * API as a school's file would be; then what a teacher reads of it, beside a bare request.
 */
final class ClassYear {
  private static final int CHILDREN = 28;
  private static final int DAYS = 182;
  private static final int WORDS = 11;
  private static final LocalDate LAST = LocalDate.of(2026, 7, 17);
  private static final int TIMES = 40;

  private ClassYear() {}

  /**
   * @param args the address; then "fill" where the year is only to be there
   */
  public static void main(String[] args) throws Exception {
    Api api = new Api(args[0]);
    SimulatedClass children = new SimulatedClass(children(), 7);
    String names =
        children.children().stream()
            .map(c -> "\"" + c.name() + "\"")
            .collect(Collectors.joining(",", "[", "]"));
    String made =
        api.post(
            "/api/classes",
            "{\"name\":\"Class Whelk\",\"accent\":\"en-GB\",\"pupils\":" + names + "}");
    long id = Api.ids(made, "\"id\":(\\d+)").get(0);
    long child = Api.ids(made, "\"id\":(\\d+)").get(1);
    List<String> lines = lines(children);
    System.out.printf("%d attempts of %d children%n", lines.size(), CHILDREN);
    for (int from = 0; from < lines.size(); from += 5_000) {
      List<String> some = lines.subList(from, Math.min(lines.size(), from + 5_000));
      Thread.sleep(5000);
      long start = System.nanoTime();
      api.send(
          "POST",
          "/api/classes/" + id + "/attempts/import",
          "text/csv",
          "date,pupil,target,attempt\n" + String.join("\n", some) + "\n");
      System.out.printf("import of %d: %.2f s%n", some.size(), (System.nanoTime() - start) / 1e9);
    }
    if (args.length > 1) {
      return;
    }
    String of = "/api/classes/" + id;
    String day = "?asOf=" + LAST;
    api.time("bare GET /api/session", "/api/session", TIMES);
    api.time("map", of + "/map" + day, TIMES);
    api.time("findings", of + "/findings" + day, TIMES);
    api.time("week", of + "/sessions?from=2026-07-13&to=2026-07-17", TIMES);
    api.time("child card", of + "/pupils/" + child + "/leanings" + day, TIMES);
    api.time("a cell's evidence", of + "/pupils/" + child + "/rules/final-j" + day, TIMES);
    api.time("demo's map", "/api/classes/1/map", TIMES);
    afterEachPaper(api, id, of, day, children);
    fill(api, of);
    paper(api, of);
    accents(api, of, child);
    api.time("bare GET /api/session", "/api/session", TIMES);
  }

  /** New sessions from every template on what the class needs and on a rule, day after day. */
  private static void fill(Api api, String of) throws Exception {
    List<String> templates =
        List.of(
            "dictation",
            "short",
            "contrast",
            "first-writing",
            "joins",
            "longer",
            "by-heart",
            "rivals");
    List<String> focuses =
        List.of("{\"needs\":true}", "{\"rule\":\"final-ch\"}", "{\"irregular\":true}");
    double[] millis = new double[TIMES];
    for (int i = -templates.size(); i < TIMES; i++) {
      int turn = i + templates.size();
      String body =
          "{\"date\":\"%s\",\"template\":\"%s\",\"focus\":[%s],\"seed\":%d}"
              .formatted(
                  LAST.plusDays(3L * turn),
                  templates.get(turn % templates.size()),
                  focuses.get(turn % focuses.size()),
                  turn);
      long start = System.nanoTime();
      api.post(of + "/sessions", body);
      if (i >= 0) {
        millis[i] = (System.nanoTime() - start) / 1e6;
      }
    }
    java.util.Arrays.sort(millis);
    System.out.printf(
        "session filled from a template: median %.1f ms  p95 %.1f ms%n",
        millis[TIMES / 2], millis[(int) (TIMES * 0.95)]);
  }

  /**
   * Another accent and back: how long marks take to be made anew, and whether they are the same.
   */
  private static void accents(Api api, String of, long child) throws Exception {
    String made =
        api.post(
            of + "/sessions",
            "{\"date\":\"%s\",\"template\":\"short\",\"focus\":[{\"rule\":\"final-ch\"}]}"
                .formatted(LAST));
    String papers = "/api/sessions/" + Api.ids(made, "\"id\":(\\d+)").get(0) + "/papers";
    int judged = 0;
    for (long item : Api.ids(made, "\"id\":(\\d+),\"text\"")) {
      String cell =
          api.send(
              "PUT",
              papers + "/" + child + "/items/" + item,
              "application/json",
              "{\"written\":\"saw\",\"state\":\"WRITTEN\"}");
      api.send(
          "PUT",
          "/api/attempts/" + Api.ids(cell, "\"attemptId\":(\\d+)").get(0) + "/override",
          "application/json",
          "{\"result\":\"RIGHT\",\"note\":\"\"}");
      judged++;
    }
    String paper = api.get(papers);
    String before = api.get(of + "/attempts.csv");
    double there = speak(api, of, "en-GB", "en-US");
    String between = api.get(of + "/attempts.csv");
    double back = speak(api, of, "en-US", "en-GB");
    String after = api.get(of + "/attempts.csv");
    List<String> first = before.lines().toList();
    List<String> second = between.lines().toList();
    long changed =
        IntStream.range(0, first.size()).filter(i -> !first.get(i).equals(second.get(i))).count();
    System.out.printf(
        "to General American %.1f s, back %.1f s; %d of %d lines differed there, %s after; %d judged"
            + " by the teacher%n",
        there,
        back,
        changed,
        first.size() - 1,
        before.equals(after) && paper.equals(api.get(papers)) ? "none" : "NOT ALL EQUAL",
        judged);
  }

  private static double speak(Api api, String of, String from, String to) throws Exception {
    long start = System.nanoTime();
    String profile = api.get(of + "/profile");
    api.send(
        "PUT",
        of + "/profile",
        "application/json",
        profile.replace("\"accent\":\"" + from + "\"", "\"accent\":\"" + to + "\""));
    while (Api.ids(api.get("/api/marking/progress"), "\"left\":(\\d+)").get(0) > 0) {
      Thread.sleep(200);
    }
    return (System.nanoTime() - start) / 1e9;
  }

  /** A session as the teacher prints it: the answers, and a sheet for every child. */
  private static void paper(Api api, String of) throws Exception {
    String made =
        api.post(
            of + "/sessions",
            "{\"date\":\"%s\",\"template\":\"contrast\",\"focus\":[{\"rule\":\"final-ch\"}]}"
                .formatted(LAST));
    String session = "/api/sessions/" + Api.ids(made, "\"id\":(\\d+)").get(0);
    api.time("answers as PDF", session + "/key.pdf", 10);
    api.time("28 sheets as PDF", session + "/sheet.pdf?names=true", 5);
  }

  /** The map again and again, a child's new attempt between: what a teacher who marks would see. */
  private static void afterEachPaper(
      Api api, long id, String of, String day, SimulatedClass children) throws Exception {
    double[] millis = new double[TIMES];
    for (int i = 0; i < TIMES; i++) {
      api.send(
          "POST",
          "/api/classes/" + id + "/attempts/import",
          "text/csv",
          "date,pupil,target,attempt\n%s,%s,badge,b%s\n"
              .formatted(LAST, children.children().get(i % CHILDREN).name(), "x".repeat(i + 1)));
      long start = System.nanoTime();
      api.get(of + "/map" + day);
      millis[i] = (System.nanoTime() - start) / 1e6;
    }
    java.util.Arrays.sort(millis);
    System.out.printf(
        "map after each new attempt: median %.1f ms  p95 %.1f ms%n",
        millis[TIMES / 2], millis[(int) (TIMES * 0.95)]);
  }

  private static List<SimulatedChild> children() {
    List<SpellingRule> rules = RuleBook.RULES;
    return IntStream.range(0, CHILDREN)
        .mapToObj(
            i ->
                new SimulatedChild(
                    "child" + i,
                    List.of(
                        Habit.onSide(rules.get(i % rules.size()).id(), Outcome.UNDER, 0.8),
                        Habit.onSide(rules.get((i + 9) % rules.size()).id(), Outcome.OVER, 0.7)),
                    0.08))
        .toList();
  }

  private static List<String> lines(SimulatedClass children) {
    List<Word> words =
        Lexicon.shipped().words("en-GB").stream()
            .filter(w -> w.use() == Word.Use.CHOOSE && w.cut().size() > 2)
            .filter(w -> !ids(w).isEmpty())
            .limit(3_000)
            .toList();
    Random random = new Random(11);
    List<String> lines = new ArrayList<>();
    LocalDate day = LAST;
    for (int d = 0; d < DAYS; d++) {
      while (day.getDayOfWeek() == DayOfWeek.SATURDAY || day.getDayOfWeek() == DayOfWeek.SUNDAY) {
        day = day.minusDays(1);
      }
      List<Word> asked =
          random.ints(0, words.size()).distinct().limit(WORDS).mapToObj(words::get).toList();
      for (SimulatedChild child : children.children()) {
        for (Word word : asked) {
          lines.add(
              "%s,%s,%s,%s"
                  .formatted(day, child.name(), word.spelling(), children.attempt(child, word, d)));
        }
      }
      day = day.minusDays(1);
    }
    return lines;
  }

  private static List<String> ids(Word word) {
    return RuleBook.opportunities(word).stream().map(Opportunity::rule).toList();
  }
}

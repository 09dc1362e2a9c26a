package dettato.activity.slip;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.activity.Kinds;
import dettato.choose.Task;
import dettato.rule.RuleBook;
import dettato.rule.SpellingRule;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Mistakes that children make, and nothing said of how they are read unless it is hardly open. */
class SlipsTest {
  private static final long SEEDS = 8;

  @Test
  void noMistakeIsOneThatTheEarForbids() {
    List<String> wrong = new ArrayList<>();
    int made = 0;
    int read = 0;
    Set<String> tried = new HashSet<>();
    for (SpellingRule rule : RuleBook.RULES) {
      for (long seed = 1; seed <= SEEDS; seed++) {
        for (Task task : Kinds.tasks("slip", Kinds.rule(rule.id()), 1, 6, seed)) {
          made++;
          read += task.why().contains(" reads ") ? 1 : 0;
          String slip = task.answer().get(0);
          tried.add(slip);
          if (isForbidden(slip, task.text())) {
            wrong.add(task.text() + " as " + slip);
          }
        }
      }
    }
    System.out.println("mistakes: " + made + ", " + read + " told how they read; refused " + wrong);
    assertEquals(List.of(), wrong);
    for (String child :
        List.of(
            "(p|st|c|r|w)adge",
            "(b|l|t)oock.*|.*eecks?",
            "(stop|step|drop|plan|grab|skip|trip|slip|clap|shop|trap)(ed|ing|er)",
            "(fri|bri|e|ba|ju|do|he|le)ge[sd]?",
            "(ki|ca|ma|wa|scra|stre|wi|fe)ch(en|es|ed|ing)?")) {
      assertTrue(tried.stream().anyMatch(t -> t.matches(child)), child + " is what a child writes");
    }
    assertTrue(made > 500, "made: " + made);
    assertTrue(read > 50 && read < made, "told how they read: " + read);
  }

  /**
   * A c for s that would be hard, an l on both sides of its vowel, an x for ks that keeps its s.
   * Similer and boxs are none of them: a child hears er, and leaves the e out.
   */
  private static boolean isForbidden(String slip, String word) {
    boolean hardC = word.contains("s") && !word.contains("c") && slip.matches(".*c[^eiyhk].*|.*c");
    boolean twoLs = slip.matches(".*lel.*|.*lal") && !word.matches(".*lel.*|.*lal");
    boolean twice = slip.contains("xs") && !word.contains("x");
    return hardC || twoLs || twice;
  }
}

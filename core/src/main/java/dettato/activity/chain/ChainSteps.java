package dettato.activity.chain;

import dettato.choose.Material;
import dettato.choose.Task;
import dettato.choose.Tasks;
import dettato.choose.Wanted;
import dettato.find.Chains;
import dettato.find.Neighbours;
import dettato.find.Spoken;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A chain of words, each one sound from the last, with what changes said before each. */
final class ChainSteps implements Tasks {
  private final Chains chains;

  ChainSteps(Neighbours neighbours) {
    this.chains = new Chains(neighbours);
  }

  /** Two or three sounds; at level 2 four as well; at level 3 up to five. */
  @Override
  public List<Task> make(Wanted wanted, Material material) {
    Chains.Chain chain =
        chains.find(
            new Chains.Request(
                wanted.count(),
                "",
                2,
                2 + wanted.level(),
                Optional.empty(),
                material.step(),
                wanted.without(),
                wanted.seed()));
    List<Task> tasks = new ArrayList<>();
    for (int i = 0; i < chain.words().size(); i++) {
      Word word = chain.words().get(i).word();
      String spelling = word.spelling();
      boolean first = i == 0;
      String before = first ? "" : chain.words().get(i - 1).word().spelling();
      tasks.add(
          Task.open(
              spelling,
              first ? "Begin with " + spelling : "Make " + before + " into " + spelling,
              List.of(spelling),
              first ? "the chain begins here" : says(chain.moves().get(i - 1), before, spelling)));
    }
    return tasks;
  }

  private static String says(Spoken.Move move, String before, String after) {
    String what =
        switch (move) {
          case FIRST -> "another first sound";
          case VOWEL -> "another vowel";
          case LAST -> "another last sound";
          case ADDED -> "one sound more";
          case DROPPED -> "one sound less";
          case INSIDE -> "another sound inside";
        };
    int letters = changed(before, after);
    return letters > 1 ? what + ", " + letters + " letters" : what;
  }

  /** How many letters of the longer are not in the shorter's start and end. */
  private static int changed(String a, String b) {
    int start = 0;
    int most = Math.min(a.length(), b.length());
    while (start < most && a.charAt(start) == b.charAt(start)) {
      start++;
    }
    int end = 0;
    while (end < most - start && a.charAt(a.length() - 1 - end) == b.charAt(b.length() - 1 - end)) {
      end++;
    }
    return Math.max(a.length(), b.length()) - start - end;
  }
}

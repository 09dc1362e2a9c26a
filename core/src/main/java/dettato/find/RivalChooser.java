package dettato.find;

import dettato.plan.Unpredictable;
import dettato.word.Capitals;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

/**
 * Chooses words for rival graphemes of one sound: as many of each, in an order nobody can guess.
 * The same seed gives the same words.
 */
public final class RivalChooser {
  private static final int WINDOW = 3;
  private static final int BANDS = 5;

  private final WordIndex index;

  public RivalChooser(WordIndex index) {
    this.index = index;
  }

  /**
   * What is asked for.
   *
   * @param sound in IPA of the accent
   * @param graphemes the rivals, one or more
   * @param count how many words in all
   * @param step graphemes are taught up to this step; a negative one leaves that open
   * @param without spellings not to be taken
   * @param seed for the choice and the order
   */
  public record Request(
      String sound, List<String> graphemes, int count, int step, Set<String> without, long seed) {
    public Request {
      graphemes = List.copyOf(graphemes);
      without = Set.copyOf(without);
    }
  }

  /**
   * Common, short words, each with the sound once, none that sounds like another word; fewer than
   * asked when there are not enough.
   */
  public List<Word> choose(Request request) {
    Random random = new Random(request.seed());
    List<List<Word>> groups = new ArrayList<>();
    int left = request.count();
    for (int g = 0; g < request.graphemes().size(); g++) {
      int share = (left + request.graphemes().size() - g - 1) / (request.graphemes().size() - g);
      List<Word> some = some(request, request.graphemes().get(g), share, random);
      left -= some.size();
      groups.add(some);
    }
    return Unpredictable.mix(groups, random);
  }

  private List<Word> some(Request request, String grapheme, int count, Random random) {
    List<Word> fitting = new ArrayList<>();
    for (int band = 1; band <= BANDS && fitting.size() < count * WINDOW; band++) {
      fitting =
          new ArrayList<>(
              index.find(query(request, grapheme, band)).stream()
                  .filter(w -> !request.without().contains(w.spelling()))
                  .filter(w -> suits(w, request.sound()))
                  .sorted(Comparator.comparingInt(w -> w.cut().beats()))
                  .toList());
    }
    List<Word> easiest =
        new ArrayList<>(fitting.subList(0, Math.min(fitting.size(), count * WINDOW)));
    Collections.shuffle(easiest, random);
    return List.copyOf(easiest.subList(0, Math.min(count, easiest.size())));
  }

  /** Other words that sound as this one does. */
  public List<String> homophones(Word word) {
    return index.homophones(word);
  }

  /** Neither built nor joined, with the sound once, and not to be taken for another word. */
  private boolean suits(Word word, String sound) {
    return word.cut().size() > 1
        && word.join().isEmpty()
        && word.seam() < 0
        && !Capitals.mayHave(word.spelling())
        && index.homophones(word).isEmpty()
        && WordIndex.graphemes(word, sound, index.accent()).size() == 1;
  }

  private static Query query(Request request, String grapheme, int band) {
    return new Query(
        "",
        request.sound(),
        grapheme,
        Optional.empty(),
        0,
        0,
        0,
        2,
        Optional.empty(),
        "",
        Optional.empty(),
        band,
        request.step(),
        false,
        false,
        "");
  }
}

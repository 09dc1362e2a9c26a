package dettato.explain;

import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.mark.AttemptMarker;
import dettato.mark.Mark;
import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.word.Join;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/**
 * What breaks a rule in a word breaks it in the word with an s as well. An e that is gone before an
 * s is told by the rule of joining, at the end of a word by the rule that needs it: that is one.
 */
class FamiliesTest {
  private static final String E = "the e at the end";
  private static final Map<String, String> E_AT_THE_END =
      Map.of(
          "drop-e/s",
          E,
          "split-vowel/e",
          E,
          "end-v/short",
          E,
          "end-v/long",
          E,
          "end-v/consonant",
          E,
          "final-le/after-stem",
          E,
          "final-le/after-small",
          E);

  private static final String LETTERS = "abcdefghijklmnopqrstuvwxyz";

  @Test
  void aBaseAndItsFormWithAnSAreJudgedAlike() {
    Accent accent = Accents.of("en-GB");
    AttemptMarker marker = new AttemptMarker(accent, Lexicon.shipped());
    Random random = new Random(11);
    int pairs = 0;
    List<String> apart = new ArrayList<>();
    for (Word word : Lexicon.shipped().words(accent.id())) {
      Optional<Word> base =
          word.join()
              .filter(j -> j.change() == Join.Change.NONE && j.ending().equals("s"))
              .flatMap(j -> Lexicon.shipped().find(j.base(), accent.id()));
      if (base.isEmpty() || word.apostrophe() >= 0) {
        continue;
      }
      String letters = base.get().letters();
      for (int i = 0; i < 3; i++) {
        String wrong = changed(letters, random);
        Mark alone = marker.mark(base.get(), wrong);
        Mark withS = marker.mark(word, wrong + "s");
        if (alone.realWord().isPresent() || withS.realWord().isPresent() || wrong.endsWith("s")) {
          continue;
        }
        pairs++;
        if (!failed(alone, letters.length()).equals(failed(withS, letters.length()))) {
          apart.add(
              "%s %s %s %s | %s %s"
                  .formatted(
                      letters,
                      wrong,
                      alone.result(),
                      failed(alone, letters.length()),
                      withS.result(),
                      failed(withS, letters.length())));
        }
      }
    }
    System.out.printf(
        "%,d bases and their forms with an s, %d judged apart%n", pairs, apart.size());
    apart.stream().limit(60).forEach(System.out::println);
    assertTrue(apart.size() <= 0.015 * pairs, apart.size() + " of " + pairs);
  }

  /** The rules broken within the base's letters. */
  private static Set<String> failed(Mark mark, int letters) {
    return mark.rules().stream()
        .filter(r -> r.outcome().isFailure())
        .filter(r -> mark.target().cut().start(r.at().unit()) < letters)
        .map(r -> E_AT_THE_END.getOrDefault(r.at().condition().id(), r.rule()))
        .collect(Collectors.toCollection(TreeSet::new));
  }

  private static String changed(String letters, Random random) {
    int at = random.nextInt(letters.length());
    char other = LETTERS.charAt(random.nextInt(LETTERS.length()));
    return switch (random.nextInt(3)) {
      case 0 -> letters.substring(0, at) + letters.substring(at + 1);
      case 1 -> letters.substring(0, at) + other + letters.substring(at);
      default -> letters.substring(0, at) + other + letters.substring(at + 1);
    };
  }
}

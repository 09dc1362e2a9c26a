package dettato.deck;

import dettato.plan.OddParts;
import dettato.plan.TeachingSequence;
import dettato.sound.Accent;
import dettato.sound.Correspondence;
import dettato.sound.Correspondences;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The cards of a class that has been taught up to a step of the sequence, the newest first. */
public final class Cards {
  /** Each ending with a word that has it. */
  private static final Map<String, String> ENDINGS =
      Map.of(
          "-s", "cats",
          "-es", "boxes",
          "-ing", "jumping",
          "-ed", "jumped",
          "-er", "louder",
          "-est", "loudest",
          "-ly", "sadly",
          "-y", "rainy");

  /** So many of the commonest irregular words are worth a card. */
  private static final int BY_HEART = 60;

  private static final int COMMON = 600;

  /** A word is met when so much of the sequence is taught, however odd it is. */
  private static final int EASY = 3;

  private final List<Word> common;

  /**
   * @param words that may be proposed, commonest first
   */
  public Cards(List<Word> words) {
    this.common =
        words.stream()
            .filter(w -> w.rank() <= COMMON && w.cut().size() > 1 && w.join().isEmpty())
            .toList();
  }

  /** All of them: graphemes and sounds of what is taught, endings, words to know by heart. */
  public List<Card> of(TeachingSequence sequence, int step, Accent accent) {
    List<TeachingSequence.Step> taught =
        sequence.steps().stream()
            .filter(s -> s.number() <= step && isToldAlone(s))
            .sorted(Comparator.comparingInt(TeachingSequence.Step::number).reversed())
            .toList();
    Map<String, List<String>> soundsOf = new LinkedHashMap<>();
    Map<String, List<String>> spellingsOf = new LinkedHashMap<>();
    for (TeachingSequence.Step one : taught) {
      String letters = one.grapheme().text().replace('_', '-');
      String sound = "/" + accent.say(one.sound()) + "/";
      add(soundsOf, letters, sound);
      add(spellingsOf, sound, letters);
    }
    List<Card> cards = new ArrayList<>();
    soundsOf.forEach((letters, all) -> cards.add(card(Card.Kind.GRAPHEME, letters, all)));
    spellingsOf.forEach((sound, all) -> cards.add(card(Card.Kind.SOUND, sound, all)));
    if (step > sequence.last() / EASY) {
      ENDINGS.entrySet().stream()
          .sorted(Map.Entry.comparingByKey())
          .forEach(e -> cards.add(new Card(Card.Kind.ENDING, e.getKey(), "as in " + e.getValue())));
    }
    common.stream()
        .filter(w -> sequence.isTaught(w, step, accent))
        .filter(w -> !OddParts.of(w, sequence, step, accent).isEmpty())
        .limit(BY_HEART)
        .forEach(w -> cards.add(new Card(Card.Kind.IRREGULAR, w.spelling(), Card.BY_HEART)));
    return cards;
  }

  /** A weak vowel, or a rare spelling, is learnt in words and not on a card. */
  private static boolean isToldAlone(TeachingSequence.Step step) {
    return !step.sound().isWeakVowel()
        && Correspondences.find(step.sound(), step.grapheme())
            .filter(Correspondence::isUsual)
            .isPresent();
  }

  private static void add(Map<String, List<String>> to, String front, String back) {
    List<String> all = to.computeIfAbsent(front, f -> new ArrayList<>());
    if (!all.contains(back)) {
      all.add(0, back);
    }
  }

  private static Card card(Card.Kind kind, String front, List<String> back) {
    return new Card(kind, front, String.join("; ", back));
  }
}

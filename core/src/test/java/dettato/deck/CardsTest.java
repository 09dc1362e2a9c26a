package dettato.deck;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.plan.TeachingSequence;
import dettato.sound.Accents;
import dettato.word.Lexicon;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class CardsTest {
  private static final Cards CARDS =
      new Cards(
          Lexicon.shipped().words("en-GB").stream()
              .filter(w -> w.use() == dettato.word.Word.Use.CHOOSE)
              .toList());

  private static List<Card> at(int step) {
    return CARDS.of(TeachingSequence.shipped(), step, Accents.of("en-GB"));
  }

  @Test
  void holdsWhatIsTaughtAndGrowsWithIt() {
    assertTrue(at(0).isEmpty());
    List<Card> last = at(TeachingSequence.shipped().last());
    assertTrue(last.contains(new Card(Card.Kind.GRAPHEME, "ay", "/eɪ/")), last::toString);
    Card sound = last.stream().filter(c -> c.id().equals("SOUND /eɪ/")).findFirst().orElseThrow();
    assertTrue(List.of(sound.back().split("; ")).containsAll(List.of("ai", "ay", "a-e")));
    assertTrue(last.stream().anyMatch(c -> c.kind() == Card.Kind.ENDING));
    assertTrue(last.stream().anyMatch(c -> c.id().equals("IRREGULAR said")));
    assertEquals(last.size(), Set.copyOf(last.stream().map(Card::id).toList()).size());
    Set<String> later = new HashSet<>(last.stream().map(Card::id).toList());
    at(40).stream()
        .filter(c -> c.kind() != Card.Kind.IRREGULAR)
        .forEach(c -> assertTrue(later.contains(c.id()), c.id()));
  }

  /** He is known by heart until its e is taught. */
  @Test
  void aWordIsOnACardWhileAPartOfItIsIrregular() {
    List<String> early = at(20).stream().map(Card::id).toList();
    assertTrue(early.containsAll(List.of("IRREGULAR he", "IRREGULAR was")), early::toString);
    List<String> later = at(60).stream().map(Card::id).toList();
    assertTrue(later.contains("IRREGULAR said") && !later.contains("IRREGULAR he"));
    assertTrue(later.stream().noneMatch(List.of("IRREGULAR yes", "IRREGULAR his")::contains));
  }

  @Test
  void isReadAsItIsWritten() {
    for (Card card : at(TeachingSequence.shipped().last())) {
      assertEquals(Optional.of(card), Card.read(card.text()));
    }
    assertEquals(Optional.empty(), Card.read("no back"));
  }
}

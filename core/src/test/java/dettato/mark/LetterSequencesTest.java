package dettato.mark;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Counted by hand. */
class LetterSequencesTest {
  @ParameterizedTest
  @CsvSource({
    "badge,badge,6,6",
    "badge,bage,4,6",
    "badge,'',0,6",
    "badge,b,1,6",
    "hop,hoop,4,4",
    "hop,poh,0,4",
    "banana,bana,5,7",
    "banana,bananana,7,7",
    "it's,its,4,4",
    "Kit,kit,4,4",
    "little,littel,4,7",
    "said,sed,2,5",
  })
  void pairsInTheirOrderCount(String target, String attempt, int right, int of) {
    assertEquals(right, LetterSequences.right(target, attempt));
    assertEquals(of, LetterSequences.of(target));
  }
}

package dettato.word;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

class WrittenBeatsTest {
  @ParameterizedTest(name = "{0} is cut for {1}")
  @CsvFileSource(resources = "written-beats.csv", numLinesToSkip = 1)
  void cutsAsAgreedByHandAndSaysWhy(String cut, String why) {
    Word word = Lexicon.shipped().find(cut.replace("|", ""), "en-GB").orElseThrow();
    List<WrittenBeats.Part> parts = WrittenBeats.of(word);
    assertEquals(
        cut, parts.stream().map(WrittenBeats.Part::letters).collect(Collectors.joining("|")));
    assertEquals(
        why == null ? "" : why,
        parts.stream()
            .map(WrittenBeats.Part::why)
            .flatMap(Optional::stream)
            .map(Enum::name)
            .collect(Collectors.joining(" ")));
  }
}

package dettato.diagnose;

import static org.junit.jupiter.api.Assertions.assertEquals;

import dettato.mark.Result;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NeedTest {
  @ParameterizedTest(name = "{0} failing {1} needs {2}")
  @CsvSource({
    "RIGHT, '', ''",
    "BLANK, '', ''",
    "SOUND_ERROR, '', HEARING",
    "SOUND_ERROR, y-to-i, BUILDING",
    "READS_OTHERWISE, double-before-ending, BUILDING",
    "READS_OTHERWISE, final-j, CHOOSING",
    "READS_RIGHT, '', CHOOSING"
  })
  void isTheJoinThenTheSoundsThenTheLetters(Result result, String rules, String need) {
    List<String> failed = rules.isEmpty() ? List.of() : List.of(rules);
    assertEquals(need, Need.of(result, failed).map(Enum::name).orElse(""));
  }
}

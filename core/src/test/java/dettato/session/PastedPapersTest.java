package dettato.session;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.session.PastedPapers.Asked;
import dettato.session.PastedPapers.Child;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Blocks of a spreadsheet, written down before the reader was. A bar parts cells, a stroke rows.
 */
class PastedPapersTest {
  private static final List<Child> CHILDREN =
      List.of(new Child(1, "Ada"), new Child(2, "Bea"), new Child(3, "Cy L"), new Child(4, "cy l"));
  private static final List<Asked> ITEMS =
      List.of(
          new Asked(10, List.of("badge", "1"), "badge"),
          new Asked(11, List.of("cage", "2"), "cage"),
          new Asked(12, List.of("The gull sat.", "sentence", "3"), "The gull sat."));

  private static PastedPapers.Read read(String block) {
    List<List<String>> rows =
        Arrays.stream(block.split("/", -1))
            .map(r -> Arrays.asList(r.split("\\|", -1)))
            .collect(Collectors.toList());
    return PastedPapers.read(rows, CHILDREN, ITEMS);
  }

  private static String good(PastedPapers.Read read) {
    return read.good().stream()
        .map(a -> a.child() + "." + a.item() + "=" + a.written())
        .collect(Collectors.joining(" "));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {
        "|badge|cage/Ada|bage|cage/Bea|badge|caj;1.10=bage 1.11=cage 2.10=badge 2.11=caj",
        "|Cage|BADGE/ bea |caj|bage;2.11=caj 2.10=bage",
        "|Bea|Ada/cage|caj|kage/badge|baj|bage;2.11=caj 1.11=kage 2.10=baj 1.10=bage",
        "name|1|2|3/Ada|=|-|✓;1.10=badge 1.11= 1.12=The gull sat.",
        "pupil|target|attempt/Ada|badge|bage/Bea|cage|;1.10=bage",
        "date|pupil|target|attempt/2026-03-04|Bea|sentence|The gul sat;2.12=The gul sat",
        "|badge/Ada|bage//Bea|baj;1.10=bage 2.10=baj",
      })
  void takesNamesAndWordsInAnyOrder(String block, String expected) {
    PastedPapers.Read read = read(block);
    assertEquals(List.of(), read.bad());
    assertEquals(expected, good(read));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {
        "'';1.0 nothing is there;''",
        "badge|cage;1.0 it is one row or column;''",
        "badge/cage;1.0 it is one row or column;''",
        "|badge/Zed|bage;2.1 nobody in the class;''",
        "|badge|ledge/Ada|bage|lege;1.3 the session does not ask it;1.10=bage",
        "|badge|badge/Ada|bage|baj;1.3 it stands here twice;1.10=bage",
        "|badge/Ada|bage/ada|baj;3.1 it stands here twice;1.10=bage",
        "|badge/Cy L|bage/Ada|baj;2.1 more than one child;1.10=baj",
        "|badge/Ada|bage|caj;2.3 no heading stands over it;1.10=bage",
        "|badge||cage/Ada|bage|x|caj;1.3 the name of the item is missing;1.10=bage 1.11=caj",
        "|badge/|bage/Ada|baj;2.1 the name of the child is missing;1.10=baj",
        "|badge|cage/Ada|#REF!|caj;2.2 the spreadsheet could not;1.11=caj",
        "pupil|target|attempt/Ada|badge|bage/Ada|badge|baj;3.3 this child has 'bage' there;1.10=bage",
        "pupil|target|attempt/Ada|ledge|x/Bea|cage|caj;2.2 the session does not ask it;2.11=caj",
      })
  void namesEachBadCellAndTakesTheOthers(String block, String says, String expected) {
    PastedPapers.Read read = read(block);
    assertEquals(1, read.bad().size(), read.bad().toString());
    PastedPapers.Bad bad = read.bad().get(0);
    String told = bad.row() + "." + bad.column() + " " + bad.reason();
    assertTrue(told.startsWith(says), told);
    assertEquals(expected, good(read));
  }

  @Test
  void whatIsTooLongOrBrokenIsTold() {
    PastedPapers.Read read =
        PastedPapers.read(
            List.of(
                List.of("", "badge", "cage"),
                List.of("Ada", "b".repeat(401), "ca\nge"),
                List.of("Bea", "baj")),
            CHILDREN,
            ITEMS);
    assertEquals(2, read.bad().size());
    assertTrue(read.bad().get(0).text().length() < 50);
    assertEquals("2.10=baj", good(read));
  }
}

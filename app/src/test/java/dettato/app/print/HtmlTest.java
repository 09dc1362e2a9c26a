package dettato.app.print;

import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.profile.Wording;
import java.time.LocalDate;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class HtmlTest {
  private static String printed(String name) throws Exception {
    Html html = new Html(Wording.OURS);
    html.line("p", "", "Before").line("p", "", name).line("p", "", "After");
    byte[] pdf =
        new Pdf()
            .of(name, new Look(Look.Size.A4, Look.Type.USUAL, false, false), LocalDate.EPOCH, html);
    try (PDDocument read = Loader.loadPDF(pdf)) {
      return new PDFTextStripper().getText(read);
    }
  }

  /** Names that were kept before they were refused: the page of their class prints all the same. */
  @ParameterizedTest
  @ValueSource(strings = {"A\u0000da", "A\ud800da", "A\uffffda", "A\u0007da"})
  void aSignThatNoPageMayHoldLeavesTheRestOfThePage(String name) throws Exception {
    String text = printed(name);
    assertTrue(text.contains("Before") && text.contains("After") && text.contains("da"), text);
  }

  @Test
  void letterBeyondTheFirstPlaneIsLeftToTheFace() throws Exception {
    assertTrue(printed("Ada \ud83d\udc1a").contains("Ada"));
  }
}

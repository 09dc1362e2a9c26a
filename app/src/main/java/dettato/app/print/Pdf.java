package dettato.app.print;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PDFontSupplier;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.render.DefaultObjectDrawerFactory;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Calendar;
import java.util.GregorianCalendar;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.springframework.stereotype.Component;

/** Sets HTML as PDF, in the face that the children read; nothing is fetched. */
@Component
class Pdf {
  private static final int BOLD = 700;
  private static final int REGULAR = 400;
  private static final float PICTURE_DPI = 90;
  private final String css;

  Pdf() {
    XRLog.setLoggingEnabled(false);
    try (InputStream in = resource("paper.css")) {
      this.css = new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * A document.
   *
   * @param date that it is dated with, so that the same session gives the same bytes
   */
  byte[] of(String title, Look look, LocalDate date, Html body) {
    String html = Html.page(title, look, css, body);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (PDDocument document = new PDDocument()) {
      DefaultObjectDrawerFactory drawers = new DefaultObjectDrawerFactory();
      drawers.registerDrawer(Drawer.TYPE, new Drawer());
      PdfRendererBuilder builder = new PdfRendererBuilder();
      builder.usePDDocument(document);
      builder.useFont(
          face(document, "Andika-Regular.ttf"), "Andika", REGULAR, FontStyle.NORMAL, true);
      builder.useFont(face(document, "Andika-Bold.ttf"), "Andika", BOLD, FontStyle.NORMAL, true);
      builder.useObjectDrawerFactory(drawers);
      builder.useUriResolver((base, uri) -> null);
      builder.withHtmlContent(html, null);
      builder.withProducer("Dettato");
      try (var renderer = builder.buildPdfRenderer()) {
        renderer.createPDFWithoutClosing();
      }
      Calendar day = GregorianCalendar.from(date.atStartOfDay(ZoneOffset.UTC));
      document.getDocumentInformation().setCreationDate(day);
      document.getDocumentInformation().setModificationDate(day);
      document.getDocumentInformation().setTitle(title);
      CRC32 sum = new CRC32();
      sum.update(html.getBytes(StandardCharsets.UTF_8));
      document.setDocumentId(sum.getValue());
      document.save(out);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }

  /** The first page as PNG. */
  static byte[] picture(byte[] pdf) {
    try (PDDocument document = Loader.loadPDF(pdf)) {
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      ImageIO.write(new PDFRenderer(document).renderImageWithDPI(0, PICTURE_DPI), "png", out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A face without ligatures: letters drawn as one, such as ffi, cannot be found by a search. */
  private static PDFontSupplier face(PDDocument document, String name) throws IOException {
    TrueTypeFont face = new TTFParser().parse(new RandomAccessReadBuffer(resource(name)));
    face.setEnableGsub(false);
    return new PDFontSupplier(PDType0Font.load(document, face, true));
  }

  private static InputStream resource(String name) {
    InputStream in = Pdf.class.getResourceAsStream(name);
    if (in == null) {
      throw new IllegalStateException("no '" + name + "' beside Pdf. Maybe the build left it out?");
    }
    return in;
  }
}

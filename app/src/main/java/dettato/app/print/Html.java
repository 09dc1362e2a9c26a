package dettato.app.print;

import dettato.notation.Drawing;
import dettato.profile.Wording;
import java.util.Locale;
import org.springframework.web.util.HtmlUtils;

/** Writes the HTML of a page: every text is escaped, every element closed. */
final class Html {
  private static final double EM = 1000.0;
  private static final int UNKNOWN_SIGN = 0xfffd;
  private final StringBuilder text = new StringBuilder();
  private final Wording wording;

  /**
   * @param wording how texts are said to the class
   */
  Html(Wording wording) {
    this.wording = wording;
  }

  /** An element with something in it. */
  Html in(String tag, String classes, Runnable inside) {
    text.append('<').append(tag);
    if (!classes.isEmpty()) {
      text.append(" class=\"").append(classes).append('"');
    }
    text.append('>');
    inside.run();
    text.append("</").append(tag).append('>');
    return this;
  }

  /** An element with a text in it. */
  Html line(String tag, String classes, String says) {
    return in(tag, classes, () -> say(says));
  }

  /** An element with a text that explains something, in the words of the class. */
  Html tell(String tag, String classes, String prose) {
    return line(tag, classes, wording.said(prose));
  }

  Html say(String says) {
    text.append(escaped(says));
    return this;
  }

  /** A sign that no page may hold, from before it was refused at the door, is drawn as one. */
  private static String escaped(String says) {
    return HtmlUtils.htmlEscape(
        says.codePoints()
            .map(c -> isOnPages(c) ? c : UNKNOWN_SIGN)
            .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
            .toString(),
        "UTF-8");
  }

  /** The characters of XML 1.0 (W3C, 2008, production 2). */
  private static boolean isOnPages(int c) {
    return c == '\t'
        || c == '\n'
        || c == '\r'
        || c >= ' ' && c <= 0xd7ff
        || c >= 0xe000 && c <= 0xfffd
        || c >= 0x10000;
  }

  /** Something empty, such as a line to write on. */
  Html empty(String tag, String classes) {
    return in(tag, classes, () -> {});
  }

  /** A word with its marks: letters that can be selected, lines drawn over them. */
  Html drawn(Drawing drawing) {
    text.append(
        String.format(
            Locale.ROOT,
            "<span class=\"drawn\" style=\"width:%.3fem;height:%.3fem\">",
            drawing.width() / EM,
            (drawing.top() + drawing.bottom()) / EM));
    for (Drawing.Letters letters : drawing.letters()) {
      text.append(
          String.format(
              Locale.ROOT,
              "<span class=\"letters\" style=\"left:%.3fem;top:%.3fem\">",
              letters.x() / EM,
              (drawing.top() - Drawer.BASELINE) / EM));
      say(letters.text());
      text.append("</span>");
    }
    text.append(
        String.format(
            Locale.ROOT,
            "<object type=\"%s\" style=\"width:%.3fem;height:%.3fem\" data-width=\"%d\""
                + " data-top=\"%d\" data-hollow=\"%s\" data-lines=\"%s\"></object></span>",
            Drawer.TYPE,
            drawing.width() / EM,
            (drawing.top() + drawing.bottom()) / EM,
            drawing.width(),
            drawing.top(),
            Drawer.hollow(drawing),
            Drawer.coded(drawing)));
    return this;
  }

  /** The whole page. */
  static String page(String title, Look look, String css, Html body) {
    return "<html><head><title>"
        + escaped(title)
        + "</title><style>@page{size:"
        + look.size().css()
        + "}body{font-size:"
        + look.type().points()
        + "pt}"
        + css
        + "</style></head><body>"
        + body.text
        + "</body></html>";
  }
}

package dettato.app.web;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.deser.std.StringDeserializer;
import dettato.input.Unacceptable;
import java.io.IOException;
import org.springframework.boot.jackson.JsonComponent;

/**
 * Takes no text that cannot be kept and printed: neither the null sign nor half of a pair of
 * surrogates, whichever field it stands in.
 */
@JsonComponent
class PlainText extends StringDeserializer {
  @Override
  public String deserialize(JsonParser parser, DeserializationContext context) throws IOException {
    String text = super.deserialize(parser, context);
    if (text != null && !isWritten(text)) {
      throw new Unacceptable(
          "'%s' holds a sign that cannot be written. Type it again."
              .formatted(parser.currentName() == null ? "a text" : parser.currentName()));
    }
    return text;
  }

  private static boolean isWritten(String text) {
    return text.codePoints().noneMatch(c -> c == 0 || Character.getType(c) == Character.SURROGATE);
  }
}

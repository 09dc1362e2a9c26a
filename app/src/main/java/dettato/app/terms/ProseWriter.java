package dettato.app.terms;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.databind.JsonSerializer;
import com.fasterxml.jackson.databind.SerializerProvider;
import java.io.IOException;
import java.util.List;

/** Writes a text, or a list of them, in the words of the class. */
class ProseWriter extends JsonSerializer<Object> {
  private final AskedTerms terms;

  ProseWriter(AskedTerms terms) {
    this.terms = terms;
  }

  @Override
  public void serialize(Object text, JsonGenerator json, SerializerProvider provider)
      throws IOException {
    if (text instanceof List<?> several) {
      json.writeStartArray();
      for (Object one : several) {
        serialize(one, json, provider);
      }
      json.writeEndArray();
    } else {
      json.writeString(terms.now().said(text.toString()));
    }
  }
}

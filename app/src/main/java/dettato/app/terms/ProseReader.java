package dettato.app.terms;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonDeserializer;
import java.io.IOException;

/** Reads a text that the page had in the words of the class, in ours again. */
class ProseReader extends JsonDeserializer<String> {
  private final AskedTerms terms;

  ProseReader(AskedTerms terms) {
    this.terms = terms;
  }

  @Override
  public String deserialize(JsonParser json, DeserializationContext context) throws IOException {
    return terms.now().ours(json.getText());
  }
}

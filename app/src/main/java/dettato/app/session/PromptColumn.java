package dettato.app.session;

import dettato.prompt.Prompt;
import dettato.prompt.PromptCodec;
import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;

/** What an item asks, as its column holds it. */
@Converter
class PromptColumn implements AttributeConverter<Prompt, String> {
  @Override
  public String convertToDatabaseColumn(Prompt prompt) {
    return PromptCodec.write(prompt);
  }

  @Override
  public Prompt convertToEntityAttribute(String kept) {
    return PromptCodec.read(kept);
  }
}

package dettato.app.school;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import dettato.profile.Choices;
import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;

/** Keeps choices as JSON; what was not chosen when it was kept is as it usually is. */
@Converter
class ChoicesText implements AttributeConverter<Choices, String> {
  private static final ObjectMapper JSON =
      JsonMapper.builder().disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES).build();

  @Override
  public String convertToDatabaseColumn(Choices choices) {
    try {
      return JSON.writeValueAsString(choices);
    } catch (JsonProcessingException never) {
      throw new IllegalStateException(never);
    }
  }

  @Override
  public Choices convertToEntityAttribute(String kept) {
    try {
      ObjectNode all = JSON.valueToTree(Choices.USUAL);
      all.setAll((ObjectNode) JSON.readTree(kept));
      return JSON.treeToValue(all, Choices.class);
    } catch (JsonProcessingException broken) {
      throw new IllegalStateException("choices of a class cannot be read: " + kept, broken);
    }
  }
}

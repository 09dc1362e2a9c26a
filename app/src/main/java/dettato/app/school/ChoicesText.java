package dettato.app.school;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import dettato.profile.Choices;
import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.Objects;

/** Keeps choices as JSON; what was not chosen when it was kept is as it usually is. */
@Converter
class ChoicesText implements AttributeConverter<Choices, String> {
  private static final int KEPT = 40;
  private static final ObjectMapper JSON =
      JsonMapper.builder().disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES).build();

  private static final Cache<String, Choices> READ =
      Caffeine.newBuilder().maximumSize(KEPT).build();

  @Override
  public String convertToDatabaseColumn(Choices choices) {
    try {
      return JSON.writeValueAsString(choices);
    } catch (JsonProcessingException never) {
      throw new IllegalStateException(never);
    }
  }

  /** Read with every request that looks at a class, and changed seldom. */
  @Override
  public Choices convertToEntityAttribute(String kept) {
    return Objects.requireNonNull(READ.get(kept, ChoicesText::read));
  }

  private static Choices read(String kept) {
    try {
      ObjectNode all = JSON.valueToTree(Choices.USUAL);
      all.setAll((ObjectNode) JSON.readTree(kept));
      return JSON.treeToValue(all, Choices.class);
    } catch (JsonProcessingException broken) {
      throw new IllegalStateException("choices of a class cannot be read: " + kept, broken);
    }
  }
}

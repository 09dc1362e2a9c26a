package dettato.prompt;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.jsontype.NamedType;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Arrays;
import java.util.Locale;

/**
 * Keeps prompts as JSON, and reads them back: {@code {"v":1,"is":"word","spelling":"ship"}}. Every
 * one names the version of its shape; who changes a shape raises {@link #VERSION} and says in
 * {@link #read} what an older one becomes.
 */
public final class PromptCodec {
  public static final int VERSION = 1;

  private static final String V = "v";
  private static final JsonMapper JSON = mapper();

  private PromptCodec() {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
  private interface ByName {}

  private static JsonMapper mapper() {
    JsonMapper.Builder mapper = JsonMapper.builder().addMixIn(Prompt.class, ByName.class);
    Arrays.stream(Prompt.class.getPermittedSubclasses())
        .forEach(
            shape ->
                mapper.registerSubtypes(
                    new NamedType(shape, shape.getSimpleName().toLowerCase(Locale.ROOT))));
    return mapper.build();
  }

  /** As it is kept. */
  public static String write(Prompt prompt) {
    ObjectNode kept = JSON.createObjectNode().put(V, VERSION);
    kept.setAll(JSON.<ObjectNode>valueToTree(prompt));
    return kept.toString();
  }

  /**
   * One that was kept.
   *
   * @throws IllegalArgumentException for anything that no version wrote
   */
  public static Prompt read(String kept) {
    try {
      JsonNode tree = JSON.readTree(kept);
      int version = tree.path(V).asInt();
      if (version < 1 || version > VERSION) {
        throw new IllegalArgumentException("no version of a prompt: " + kept);
      }
      return JSON.treeToValue(((ObjectNode) tree).without(V), Prompt.class);
    } catch (JsonProcessingException | ClassCastException e) {
      throw new IllegalArgumentException("no prompt: " + kept, e);
    }
  }
}

package dettato.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** The API's own description. */
class ApiDocumentTest extends ApiCase {
  private static final Path COMMITTED = Path.of("../web/openapi.json");

  @Test
  void theCommittedDocumentIsCurrent() throws Exception {
    JsonNode now = read("/api/openapi");
    if (Boolean.getBoolean("dettato.api.write")) {
      Files.writeString(
          COMMITTED, json.writerWithDefaultPrettyPrinter().writeValueAsString(now) + "\n");
    }
    assertEquals(
        json.readTree(Files.readString(COMMITTED)),
        now,
        "run the tests with -Ddettato.api.write=true, then npm run api in web/");
  }

  /** The pages' own tests take the kinds from this file. */
  @Test
  void theKindsOfThePagesTestsAreCurrent() throws Exception {
    Path committed = Path.of("../web/src/test/kinds.json");
    JsonNode now = read("/api/kinds");
    if (Boolean.getBoolean("dettato.api.write")) {
      Files.writeString(
          committed, json.writerWithDefaultPrettyPrinter().writeValueAsString(now) + "\n");
    }
    assertEquals(json.readTree(Files.readString(committed)), now);
    assertEquals(20, now.size());
  }

  /** A schema is named by its record alone, so two records of one name would become one schema. */
  @Test
  void noTwoRecordsOfTheApiShareAName() {
    Map<String, String> seen = new HashMap<>();
    for (JavaClass one :
        new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("dettato.app")) {
      if (one.isRecord() && !one.getModifiers().contains(JavaModifier.PRIVATE)) {
        String before = seen.put(one.getSimpleName(), one.getName());
        assertTrue(before == null, one.getName() + " and " + before);
      }
    }
    assertTrue(seen.size() > 40);
  }

  @Test
  void whatMayBeMissingIsReadOffTheTypes() throws Exception {
    JsonNode schemas = read("/api/openapi").at("/components/schemas");
    List<String> cell = strings(schemas.at("/Cell/required"));
    assertTrue(cell.containsAll(List.of("written", "state", "version", "attemptId")));
    assertFalse(cell.contains("mark") || cell.contains("override") || cell.contains("corrected"));
    assertTrue(strings(schemas.at("/MapCell/required")).contains("probability"));
    assertFalse(strings(schemas.at("/Login/required")).contains("user"));
  }

  private static List<String> strings(JsonNode array) {
    List<String> strings = new java.util.ArrayList<>();
    array.forEach(n -> strings.add(n.asText()));
    return strings;
  }
}

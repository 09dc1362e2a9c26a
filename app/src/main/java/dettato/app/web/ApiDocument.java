package dettato.app.web;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The OpenAPI document: every field of an answer is there, but the few that may be null. */
@Configuration
class ApiDocument {
  private static final Set<String> MAY_BE_NULL =
      Set.of("user", "mark", "override", "confusion", "realWord", "side", "from", "to");

  @Bean
  OpenApiCustomizer requiredFields() {
    return api -> {
      api.info(new Info().title("Dettato").version("1"));
      api.setServers(List.of());
      Map<String, Schema> schemas = new TreeMap<>(api.getComponents().getSchemas());
      schemas.values().forEach(ApiDocument::require);
      api.getComponents().setSchemas(schemas);
      sortPaths(api);
    };
  }

  @SuppressWarnings("unchecked")
  private static void require(Schema<?> schema) {
    Map<String, Schema> fields = schema.getProperties();
    if (fields != null) {
      List<String> required = new ArrayList<>(fields.keySet());
      required.removeAll(MAY_BE_NULL);
      schema.setRequired(required);
    }
  }

  private static void sortPaths(OpenAPI api) {
    var paths = new io.swagger.v3.oas.models.Paths();
    new TreeMap<>(api.getPaths()).forEach(paths::addPathItem);
    api.setPaths(paths);
  }
}

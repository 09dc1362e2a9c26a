package dettato.app.web;

import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;

/** The OpenAPI document: which fields may be missing is read off the types. */
@Configuration
class ApiDocument {
  /** Every component of a record is there, but one that is {@code @Nullable}. */
  @Bean
  ModelConverter requiredFields() {
    return new ModelConverter() {
      @Override
      public @Nullable Schema<?> resolve(
          AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
        Schema<?> schema = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
        JavaType java = Json.mapper().constructType(type.getType());
        if (schema != null && java != null && java.getRawClass().isRecord()) {
          Schema<?> defined =
              schema.get$ref() == null
                  ? schema
                  : context.getDefinedModels().get(schema.get$ref().replaceAll(".*/", ""));
          require(defined, java.getRawClass());
        }
        return schema;
      }
    };
  }

  private static void require(@Nullable Schema<?> schema, Class<?> record) {
    if (schema == null || schema.getProperties() == null) {
      return;
    }
    List<String> required = new ArrayList<>();
    for (RecordComponent part : record.getRecordComponents()) {
      boolean open = part.getAnnotatedType().isAnnotationPresent(Nullable.class);
      if (!open && schema.getProperties().containsKey(part.getName())) {
        required.add(part.getName());
      }
    }
    schema.setRequired(required.isEmpty() ? null : required);
  }

  @Bean
  @Order(2)
  OpenApiCustomizer inOrder() {
    return api -> {
      api.info(new Info().title("Dettato").version("1"));
      api.setServers(List.of());
      api.getComponents().setSchemas(new TreeMap<>(api.getComponents().getSchemas()));
      sortPaths(api);
    };
  }

  private static void sortPaths(OpenAPI api) {
    var paths = new io.swagger.v3.oas.models.Paths();
    new TreeMap<>(api.getPaths()).forEach(paths::addPathItem);
    api.setPaths(paths);
  }
}

package dettato.app.web;

import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.PathItem;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.parameters.Parameter;
import io.swagger.v3.oas.models.responses.ApiResponse;
import java.util.List;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;

/**
 * The problem answers of every operation, as RFC 9457 has them. Which there are follows from what
 * an operation takes: a path that names something can miss it, a version can be gone.
 */
@Configuration
class ApiProblems {
  private static final String PROBLEM = "Problem";
  private static final List<String> OPEN =
      List.of("/api/session", "/api/login", "/api/accounts/first", "/api/tablet/", "/api/openapi");

  @Bean
  @Order(1)
  OpenApiCustomizer problemAnswers() {
    return api -> {
      api.getComponents().addSchemas(PROBLEM, problem());
      api.getPaths()
          .forEach((path, item) -> item.readOperationsMap().forEach((m, o) -> add(path, m, o)));
    };
  }

  /** What went wrong, where, and what to do. */
  private static Schema<?> problem() {
    return new ObjectSchema()
        .addProperty("type", new StringSchema())
        .addProperty("title", new StringSchema())
        .addProperty("status", new IntegerSchema())
        .addProperty("detail", new StringSchema().description("what is wrong, and what to do"))
        .addProperty("instance", new StringSchema())
        .required(List.of("title", "status", "detail"));
  }

  private static void add(String path, PathItem.HttpMethod method, Operation operation) {
    boolean isOpen = OPEN.stream().anyMatch(path::startsWith);
    boolean isWrite = method != PathItem.HttpMethod.GET;
    List<Parameter> parameters =
        operation.getParameters() == null ? List.of() : operation.getParameters();
    answer(operation, "400", "Something in the request is not as it should be; detail says what.");
    if (!isOpen) {
      answer(operation, "401", "Nobody is logged in, or the login has ended.");
    }
    if (isWrite) {
      answer(
          operation, "403", "The header X-XSRF-TOKEN is missing, or the account may not do this.");
    }
    if (path.contains("{") || path.startsWith("/api/tablet/")) {
      answer(operation, "404", "There is no such thing, or it is not this teacher's.");
    }
    if (parameters.stream().anyMatch(p -> "If-Match".equals(p.getName()))
        || isWrite && (path.contains("/papers/") || path.endsWith("/profile"))) {
      answer(operation, "409", "It was changed since the version that was seen; nothing is lost.");
    }
    if (operation.getRequestBody() != null) {
      answer(operation, "413", "The body is larger than is taken; detail names the limit.");
    }
    if (isOpen && isWrite) {
      answer(operation, "429", "Too many tries; Retry-After says when the next is taken.");
    }
  }

  private static void answer(Operation operation, String status, String says) {
    operation
        .getResponses()
        .addApiResponse(
            status,
            new ApiResponse()
                .description(says)
                .content(
                    new Content()
                        .addMediaType(
                            "application/problem+json",
                            new MediaType()
                                .schema(new Schema<>().$ref("#/components/schemas/" + PROBLEM)))));
  }
}

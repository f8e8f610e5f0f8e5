package mellow.server.platform.api;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.parameters.HeaderParameter;
import io.swagger.v3.oas.models.responses.ApiResponse;
import io.swagger.v3.oas.models.servers.Server;
import java.util.List;
import java.util.Map;
import mellow.server.platform.ActingResolver;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The API document's frame: what it is, who acts, and how errors look. */
@Configuration
class ApiDocument {
  @Bean
  OpenAPI api() {
    return new OpenAPI()
        .servers(List.of(new Server().url("/")))
        .info(
            new Info()
                .title("Mellow Horizon")
                .version("1")
                .description(
                    """
                    Forward lamps of vehicles: where they may sit, how the vehicle stands, and their \
                    aim on a wall. Lengths are millimetres, inclinations percent \
                    (100 × rise ÷ run, positive upwards), angles degrees, rotations turns (positive \
                    clockwise). Left and right are the driver's, sitting in the vehicle. Errors are \
                    problem documents (RFC 9457) with a sentence in "detail" and the field in \
                    "field"."""));
  }

  @Bean
  OpenApiCustomizer problemsAndPersons() {
    return api ->
        api.getPaths()
            .forEach(
                (path, item) ->
                    item.readOperationsMap()
                        .forEach(
                            (method, operation) -> {
                              operation.getResponses().addApiResponse("default", problem());
                              if (method.name().equals("PUT")) {
                                operation.addParametersItem(person());
                                operation.addParametersItem(device());
                              }
                              sortParameters(operation);
                            }));
  }

  private static void sortParameters(Operation operation) {
    if (operation.getParameters() != null) {
      operation.getParameters().sort((a, b) -> a.getName().compareTo(b.getName()));
    }
  }

  private static HeaderParameter person() {
    HeaderParameter person = new HeaderParameter();
    person
        .name(ActingResolver.HEADER)
        .description("Who acts: a name, percent-encoded UTF-8. Kept with what is stored.")
        .required(true)
        .schema(new StringSchema().maxLength(180))
        .example("Runa");
    return person;
  }

  private static HeaderParameter device() {
    HeaderParameter device = new HeaderParameter();
    device
        .name(ActingResolver.DEVICE)
        .description("On which device, percent-encoded UTF-8. Kept with what is stored.")
        .required(false)
        .schema(new StringSchema().maxLength(180))
        .example("tablet 4711");
    return device;
  }

  private static ApiResponse problem() {
    Schema<?> schema = new Schema<>();
    schema.type("object");
    schema.types(java.util.Set.of("object"));
    schema.addProperty("status", new Schema<>().types(java.util.Set.of("integer")));
    schema.addProperty("title", new Schema<>().types(java.util.Set.of("string")));
    schema.addProperty("detail", new Schema<>().types(java.util.Set.of("string")));
    schema.addProperty("field", new Schema<>().types(java.util.Set.of("string")));
    schema.required(List.of("status", "detail"));
    schema.additionalProperties(true);
    return new ApiResponse()
        .description("What is wrong, in one sentence.")
        .content(
            new Content()
                .addMediaType(
                    "application/problem+json",
                    new MediaType()
                        .schema(schema)
                        .example(
                            Map.of(
                                "status", 422,
                                "title", "Unprocessable Entity",
                                "detail", "“furlongs” is not a unit of length known here.",
                                "field", "typed"))));
  }
}

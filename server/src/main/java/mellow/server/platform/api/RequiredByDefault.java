package mellow.server.platform.api;

import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.Iterator;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Documents each component of a record as always there, unless it is {@code @Nullable}. */
@Component
class RequiredByDefault implements ModelConverter {
  private static final String REFERENCE = "#/components/schemas/";

  @Override
  @SuppressWarnings("rawtypes")
  public @Nullable Schema resolve(
      AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
    if (!chain.hasNext()) {
      return null;
    }
    Schema<?> resolved = chain.next().resolve(type, context, chain);
    JavaType java = Json.mapper().constructType(type.getType());
    if (resolved != null && java.getRawClass().isRecord()) {
      Schema<?> model = modelOf(resolved, context);
      if (model != null && model.getProperties() != null) {
        model.setRequired(
            Stream.of(java.getRawClass().getRecordComponents())
                .filter(part -> !part.getAnnotatedType().isAnnotationPresent(Nullable.class))
                .map(RecordComponent::getName)
                .filter(model.getProperties()::containsKey)
                .sorted()
                .toList());
      }
    }
    return resolved;
  }

  private static @Nullable Schema<?> modelOf(Schema<?> resolved, ModelConverterContext context) {
    String reference = resolved.get$ref();
    return reference == null
        ? resolved
        : context.getDefinedModels().get(reference.substring(REFERENCE.length()));
  }
}

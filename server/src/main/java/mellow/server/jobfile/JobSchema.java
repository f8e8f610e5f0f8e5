package mellow.server.jobfile;

import com.github.victools.jsonschema.generator.OptionPreset;
import com.github.victools.jsonschema.generator.SchemaGenerator;
import com.github.victools.jsonschema.generator.SchemaGeneratorConfigBuilder;
import com.github.victools.jsonschema.generator.SchemaVersion;
import com.github.victools.jsonschema.module.jackson.JacksonModule;
import com.github.victools.jsonschema.module.jakarta.validation.JakartaValidationModule;
import com.github.victools.jsonschema.module.jakarta.validation.JakartaValidationOption;

/** The schema of a job's file, made from the very records that read it. */
final class JobSchema {
  private static final String TEXT = made();

  private JobSchema() {}

  static String text() {
    return TEXT;
  }

  private static String made() {
    SchemaGeneratorConfigBuilder config =
        new SchemaGeneratorConfigBuilder(SchemaVersion.DRAFT_2020_12, OptionPreset.PLAIN_JSON)
            .with(new JacksonModule())
            .with(
                new JakartaValidationModule(
                    JakartaValidationOption.NOT_NULLABLE_FIELD_IS_REQUIRED,
                    JakartaValidationOption.INCLUDE_PATTERN_EXPRESSIONS));
    return new SchemaGenerator(config.build()).generateSchema(JobFile.class).toPrettyString();
  }
}

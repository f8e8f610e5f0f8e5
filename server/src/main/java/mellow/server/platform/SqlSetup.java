package mellow.server.platform;

import org.springframework.boot.autoconfigure.jooq.DefaultConfigurationCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Tells jOOQ to leave out what nobody here asks for, on every statement. */
@Configuration
class SqlSetup {
  @Bean
  static DefaultConfigurationCustomizer plainStatements() {
    return configuration ->
        configuration
            .settings()
            .withExecuteLogging(false)
            .withFetchWarnings(false)
            .withAttachRecords(false)
            .withRenderSchema(false);
  }
}

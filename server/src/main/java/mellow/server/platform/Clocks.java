package mellow.server.platform;

import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The clock, so that tests can set it. */
@Configuration
class Clocks {
  @Bean
  Clock clock() {
    return Clock.systemUTC();
  }
}

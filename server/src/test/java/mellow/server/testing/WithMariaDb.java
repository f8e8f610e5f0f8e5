package mellow.server.testing;

import org.springframework.boot.test.util.TestPropertyValues;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ConfigurableApplicationContext;

/** Gives each application context of the tests a database of its own. */
public final class WithMariaDb
    implements ApplicationContextInitializer<ConfigurableApplicationContext> {
  @Override
  public void initialize(ConfigurableApplicationContext context) {
    TestPropertyValues.of(
            "spring.datasource.url=" + MariaDb.shared().newDatabase(),
            "spring.datasource.username=" + MariaDb.user(),
            "spring.datasource.password=" + MariaDb.password(),
            "mellow.print.warm-up=false",
            "mellow.photos=target/photos-" + ProcessHandle.current().pid())
        .applyTo(context);
  }
}

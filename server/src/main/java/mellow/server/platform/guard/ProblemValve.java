package mellow.server.platform.guard;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import mellow.core.finding.Sentence;
import mellow.server.platform.PlatformWords;
import mellow.server.platform.Problems;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.web.embedded.tomcat.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;

/** What the container refuses before the application sees it, in the application's own form. */
public final class ProblemValve extends ErrorReportValve {
  private static final int FIRST_ERROR = 400;

  @Override
  protected void report(Request request, Response response, @Nullable Throwable throwable) {
    int code = response.getStatus();
    if (code < FIRST_ERROR || response.getContentWritten() > 0 || !response.setErrorReported()) {
      return;
    }
    try {
      response.setContentType("application/problem+json");
      response
          .getOutputStream()
          .write(
              Problems.text(code, sentence(code), request.getLocale())
                  .getBytes(StandardCharsets.UTF_8));
      response.finishResponse();
    } catch (IOException gone) {
      // whoever asked is not there any more
    }
  }

  private static Sentence sentence(int code) {
    return code == HttpStatus.BAD_REQUEST.value()
        ? PlatformWords.oddAddress()
        : PlatformWords.notAnswerable();
  }

  /** Puts it in the container's place. */
  @Configuration
  static class InPlace {
    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> problemsOfTheContainer() {
      return factory ->
          factory.addContextCustomizers(
              context ->
                  ((StandardHost) context.getParent())
                      .setErrorReportValveClass(ProblemValve.class.getName()));
    }
  }
}

package mellow.server.platform.guard;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/**
 * The single page: every path without a dot that is no part of the API and no file gets it, so that
 * links into the page work; the answer carries the nonce of its own content policy.
 */
@Controller
@Hidden
class Page {
  private static final String PLACE_OF_NONCE = "__NONCE__";
  private static final String NOT_BUILT =
      "<!doctype html><title>Mellow Horizon</title><p>The page was not built.</p>";

  private final String template = load();

  @GetMapping({
    "/",
    "/{path:^(?!api|assets|licences|actuator)[^.]*}",
    "/{path:^(?!api|assets|licences|actuator)[^.]*}/{*rest}"
  })
  ResponseEntity<String> page(HttpServletRequest request) {
    String nonce = String.valueOf(request.getAttribute(SecurityHeaders.NONCE));
    return ResponseEntity.ok()
        .contentType(new MediaType(MediaType.TEXT_HTML, StandardCharsets.UTF_8))
        .cacheControl(CacheControl.noStore())
        .body(template.replace(PLACE_OF_NONCE, nonce));
  }

  private static String load() {
    ClassPathResource index = new ClassPathResource("static/index.html");
    if (!index.exists()) {
      return NOT_BUILT;
    }
    try (InputStream in = index.getInputStream()) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
  }
}

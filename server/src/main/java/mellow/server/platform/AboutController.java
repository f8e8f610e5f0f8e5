package mellow.server.platform;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "Product")
class AboutController {
  /** What the product is called and which version it is. */
  @Schema(name = "About", description = "What the product is called and which version it is.")
  record About(
      @Schema(example = "Mellow Horizon") String name, @Schema(example = "0.1.0") String version) {}

  @GetMapping("/api/about")
  @Operation(
      summary = "Which version this is",
      description =
          "The licences of what it is built from are at /licences/jars.txt and /licences/page.txt.")
  About about() {
    return new About(Product.NAME, Product.VERSION);
  }
}

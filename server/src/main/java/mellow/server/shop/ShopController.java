package mellow.server.shop;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import mellow.server.platform.Acting;
import mellow.server.wire.Patterns;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "Shop")
class ShopController {
  private final Shops shops;

  ShopController(Shops shops) {
    this.shops = shops;
  }

  @Schema(description = "A person to add.")
  record PersonEdit(@NotBlank @Size(max = 60) @Schema(example = "Runa") String name) {}

  @GetMapping("/api/shop")
  @Operation(summary = "The shop", description = "Its name and the people who can be picked.")
  ShopView shop(Acting acting) {
    return shops.view(acting.shopId());
  }

  @PutMapping("/api/people/{id}")
  @Operation(
      summary = "Add a person",
      description = "Under an id made by the caller; a name that is there already stays as it is.")
  ShopView addPerson(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String id,
      @Valid @RequestBody PersonEdit edit) {
    shops.addPerson(acting.shopId(), id, edit.name().strip());
    return shops.view(acting.shopId());
  }
}

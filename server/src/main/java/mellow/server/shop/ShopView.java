package mellow.server.shop;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/** The shop with those who can be picked as acting. */
@Schema(name = "Shop", description = "The shop with those who can be picked as acting.")
public record ShopView(String name, List<PersonView> people) {

  /** One person. */
  @Schema(name = "Person", description = "Somebody who works here.")
  public record PersonView(String id, @Schema(example = "Runa") String name) {}
}

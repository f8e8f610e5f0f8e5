package mellow.server.feed;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Locale;
import mellow.core.harness.Route;
import mellow.server.wire.FigureView;

/** How long a route comes out. */
@Schema(name = "RouteLength", description = "How long a route comes out.")
public record RouteView(
    String question,
    String name,
    @Schema(description = "The straight pieces together.") FigureView straight,
    @Schema(description = "As it is laid, with slack.") FigureView laid,
    @Schema(description = "What is cut, with a loop at both ends.") FigureView cut,
    @Schema(description = "The answer that it gives, in metres.", example = "1.85") String metres,
    int ties) {
  private static final double MM_PER_M = 1000;

  public static RouteView of(RouteEdit edit) {
    Route route = edit.core();
    return new RouteView(
        edit.question(),
        edit.name(),
        FigureView.lengthMm(route.straightMm()),
        FigureView.lengthMm(route.laidMm()),
        FigureView.lengthMm(route.cutMm()),
        String.format(Locale.ROOT, "%.2f", route.laidMm() / MM_PER_M),
        route.ties());
  }
}

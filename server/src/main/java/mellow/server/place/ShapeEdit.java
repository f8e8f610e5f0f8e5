package mellow.server.place;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import mellow.core.placement.Outline;
import mellow.core.placement.Point;
import mellow.server.platform.Refusal;
import org.jspecify.annotations.Nullable;

/** An outline as it comes over the wire. */
@Schema(description = "An outline about its reference point, mm.")
public record ShapeEdit(
    @NotNull @Schema(example = "ELLIPSE") Form form,
    @DecimalMin(value = "1")
        @DecimalMax(value = "4000")
        @Schema(description = "Of a rectangle or ellipse.", example = "90")
        @Nullable Double widthMm,
    @DecimalMin(value = "1")
        @DecimalMax(value = "4000")
        @Schema(description = "Of a rectangle or ellipse.", example = "90")
        @Nullable Double heightMm,
    @Size(max = 200) @Schema(description = "Of a polygon, in order.")
        @Nullable List<@Valid @NotNull Corner> corners) {

  /** The kinds of outline. */
  public enum Form {
    RECTANGLE,
    ELLIPSE,
    POLYGON
  }

  /** A corner. */
  @Schema(description = "A corner of an outline, mm: out from the centre line, and up.")
  public record Corner(
      @DecimalMin(value = "-4000") @DecimalMax(value = "4000") double outMm,
      @DecimalMin(value = "-4000") @DecimalMax(value = "4000") double upMm) {}

  /** The outline, or a refusal that says what is wrong with it. */
  Outline core(String field) {
    return switch (form) {
      case RECTANGLE -> new Outline.Rectangle(size(field, widthMm), size(field, heightMm));
      case ELLIPSE -> new Outline.Ellipse(size(field, widthMm), size(field, heightMm));
      case POLYGON -> polygon(field);
    };
  }

  Outline.Polygon polygon(String field) {
    if (corners == null) {
      throw Refusal.unprocessable(field, PlaceWords.corners());
    }
    List<Point> points =
        corners.stream().map(corner -> new Point(corner.outMm(), corner.upMm())).toList();
    Outline.Polygon.problemOf(points)
        .ifPresent(
            problem -> {
              throw Refusal.unprocessable(field, problem);
            });
    return new Outline.Polygon(points);
  }

  private static double size(String field, @Nullable Double mm) {
    if (mm == null) {
      throw Refusal.unprocessable(field, PlaceWords.sizes());
    }
    return mm;
  }
}

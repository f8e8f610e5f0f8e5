package mellow.server.photo;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import mellow.core.photo.Comparison;
import mellow.server.job.JobView;
import mellow.server.vehicle.VehicleView;
import mellow.server.wire.FindingView;
import org.jspecify.annotations.Nullable;

/** All photos of a job. */
@Schema(description = "All photos of a job, in the order in which they were taken.")
public record PhotosPage(JobView job, VehicleView vehicle, List<PhotoView> photos) {

  /** Two photos held against each other. */
  @Schema(
      name = "PhotoComparison",
      description = "How a later photo is laid over an earlier one, and what that is good for.")
  public record ComparisonView(
      @Schema(description = "Left out where marks are missing.") @Nullable RegistrationView lay,
      List<FindingView> findings) {

    static ComparisonView of(Comparison comparison) {
      return new ComparisonView(
          comparison
              .registration()
              .map(found -> new RegistrationView(found.a(), found.b(), found.dx(), found.dy()))
              .orElse(null),
          comparison.findings().stream().map(FindingView::of).toList());
    }
  }

  /** How one photo is laid over another, in pixels of each as shown. */
  @Schema(
      name = "PhotoRegistration",
      description = "x' = a·x − b·y + dx, y' = b·x + a·y + dy, in pixels as shown.")
  public record RegistrationView(double a, double b, double dx, double dy) {}
}

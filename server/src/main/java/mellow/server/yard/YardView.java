package mellow.server.yard;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import mellow.core.measure.UnitSystem;
import mellow.server.aim.SheetView.NextView;
import mellow.server.wire.HorizonView;
import org.jspecify.annotations.Nullable;

/** A page of the yard. */
@Schema(name = "Yard", description = "Jobs, newest touched first.")
public record YardView(
    @Schema(requiredMode = Schema.RequiredMode.REQUIRED) List<RowView> rows,
    @Schema(description = "Key of the next page; left out on the last.") @Nullable String next) {

  /** One job. */
  @Schema(name = "YardRow", description = "One job with its horizon strip and next step.")
  public record RowView(
      @Schema(requiredMode = Schema.RequiredMode.REQUIRED) String jobId,
      @Schema(requiredMode = Schema.RequiredMode.REQUIRED) String vehicle,
      @Schema(requiredMode = Schema.RequiredMode.REQUIRED) String nickname,
      @Schema(requiredMode = Schema.RequiredMode.REQUIRED) String work,
      @Nullable String bayId,
      @Nullable String bay,
      @Schema(requiredMode = Schema.RequiredMode.REQUIRED) UnitSystem units,
      @Schema(requiredMode = Schema.RequiredMode.REQUIRED) Instant touchedAt,
      @Schema(requiredMode = Schema.RequiredMode.REQUIRED) HorizonView horizon,
      @Schema(requiredMode = Schema.RequiredMode.REQUIRED) NextView next) {}
}

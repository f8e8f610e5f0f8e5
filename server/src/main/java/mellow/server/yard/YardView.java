package mellow.server.yard;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import mellow.core.measure.UnitSystem;
import org.jspecify.annotations.Nullable;

/** A page of the yard. */
@Schema(name = "Yard", description = "Jobs, newest touched first.")
record YardView(
    List<RowView> rows,
    @Schema(description = "Key of the next page; left out on the last.") @Nullable String next) {

  /** One job. */
  @Schema(name = "YardRow", description = "One job and where it stands.")
  record RowView(
      String jobId,
      String vehicle,
      String nickname,
      String work,
      @Nullable String bayId,
      @Nullable String bay,
      UnitSystem units,
      Instant touchedAt,
      @Schema(description = "Whether all that is kept of it can be read.") boolean readable,
      StandingView standing) {}
}

package mellow.server.bay;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.ZoneOffset;
import mellow.core.measure.UnitSystem;
import mellow.server.db.tables.records.BayRecord;

/** A bay as it is kept. */
@Schema(name = "Bay", description = "A place where lamps are aimed; one bay serves many jobs.")
public record BayView(
    @Schema(requiredMode = Schema.RequiredMode.REQUIRED) String id,
    @Schema(requiredMode = Schema.RequiredMode.REQUIRED) int version,
    @Schema(example = "Bay 2", requiredMode = Schema.RequiredMode.REQUIRED) String name,
    @Schema(requiredMode = Schema.RequiredMode.REQUIRED) String note,
    @Schema(requiredMode = Schema.RequiredMode.REQUIRED) UnitSystem units,
    @Schema(requiredMode = Schema.RequiredMode.REQUIRED) String changedBy,
    @Schema(requiredMode = Schema.RequiredMode.REQUIRED) Instant changedAt) {

  static BayView of(BayRecord row) {
    return new BayView(
        row.getId(),
        row.getVersion(),
        row.getName(),
        row.getNote(),
        UnitSystem.valueOf(row.getUnits()),
        row.getChangedBy(),
        row.getChangedAt().toInstant(ZoneOffset.UTC));
  }

  boolean says(BayEdit edit) {
    return new BayEdit(edit.version(), name, note, units).equals(edit);
  }
}

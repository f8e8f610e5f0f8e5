package mellow.server.bay;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.ZoneOffset;
import mellow.core.measure.UnitSystem;
import mellow.server.db.tables.records.BayRecord;

/** A bay as it is kept. */
@Schema(name = "Bay", description = "A place where lamps are aimed; one bay serves many jobs.")
public record BayView(
    String id,
    int version,
    @Schema(example = "Bay 2") String name,
    String note,
    UnitSystem units,
    String changedBy,
    Instant changedAt) {

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

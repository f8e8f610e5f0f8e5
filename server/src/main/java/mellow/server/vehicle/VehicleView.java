package mellow.server.vehicle;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.ZoneOffset;
import mellow.core.vehicle.BeamClass;
import mellow.core.vehicle.Side;
import mellow.server.db.tables.records.VehicleRecord;
import org.jspecify.annotations.Nullable;

/** A vehicle as it is kept. Lengths in mm. */
@Schema(name = "Vehicle", description = "A vehicle as it is kept. Lengths in mm.")
public record VehicleView(
    String id,
    int version,
    @Schema(example = "Quenby Loft") String name,
    String nickname,
    Side driverSide,
    @Nullable Double wheelbaseMm,
    @Nullable Double lampAheadMm,
    @Nullable Double widthMm,
    BeamClass dipped,
    @Nullable String lensDipped,
    @Nullable BeamClass fog,
    @Nullable String lensFog,
    boolean steeperByMaker,
    String changedBy,
    Instant changedAt) {

  static VehicleView of(VehicleRecord row) {
    return new VehicleView(
        row.getId(),
        row.getVersion(),
        row.getName(),
        row.getNickname(),
        Side.valueOf(row.getDriverSide()),
        row.getWheelbaseMm(),
        row.getLampAheadMm(),
        row.getWidthMm(),
        BeamClass.valueOf(row.getDipped()),
        row.getLensDipped(),
        row.getFog() == null ? null : BeamClass.valueOf(row.getFog()),
        row.getLensFog(),
        row.getSteeperByMaker(),
        row.getChangedBy(),
        row.getChangedAt().toInstant(ZoneOffset.UTC));
  }

  boolean says(VehicleEdit edit) {
    return new VehicleEdit(
            edit.version(),
            name,
            nickname,
            driverSide,
            wheelbaseMm,
            lampAheadMm,
            widthMm,
            dipped,
            lensDipped,
            fog,
            lensFog,
            steeperByMaker)
        .equals(edit);
  }
}

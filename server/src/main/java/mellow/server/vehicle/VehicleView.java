package mellow.server.vehicle;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Optional;
import mellow.core.rules.VehicleScope;
import mellow.core.vehicle.BeamClass;
import mellow.core.vehicle.BodyKind;
import mellow.core.vehicle.Side;
import mellow.core.vehicle.VehicleClass;
import mellow.server.db.tables.records.VehicleRecord;
import org.jspecify.annotations.Nullable;

/** A vehicle as it is kept. Lengths in mm. */
@Schema(name = "Vehicle", description = "A vehicle as it is kept. Lengths in mm.")
public record VehicleView(
    String id,
    int version,
    @Schema(example = "Quenby Loft") String name,
    String nickname,
    @Nullable String variant,
    @Nullable Integer modelYear,
    Side driverSide,
    @Nullable Double wheelbaseMm,
    @Nullable Double lampAheadMm,
    @Nullable Double widthMm,
    @Nullable BodyKind body,
    @Nullable VehicleClass vehicleClass,
    @Nullable Double heightMm,
    @Nullable Double frontOverhangMm,
    @Nullable Double rearOverhangMm,
    BeamClass dipped,
    @Nullable String lensDipped,
    @Nullable BeamClass fog,
    @Nullable String lensFog,
    @Nullable Boolean drivingAimed,
    boolean steeperByMaker,
    String changedBy,
    Instant changedAt) {

  /** The row as a view. */
  public static VehicleView of(VehicleRecord row) {
    return new VehicleView(
        row.getId(),
        row.getVersion(),
        row.getName(),
        row.getNickname(),
        row.getVariant(),
        row.getModelYear() == null ? null : row.getModelYear().intValue(),
        Side.valueOf(row.getDriverSide()),
        row.getWheelbaseMm(),
        row.getLampAheadMm(),
        row.getWidthMm(),
        row.getBody() == null ? null : BodyKind.valueOf(row.getBody()),
        row.getVehicleClass() == null ? null : VehicleClass.valueOf(row.getVehicleClass()),
        row.getHeightMm(),
        row.getFrontOverhangMm(),
        row.getRearOverhangMm(),
        BeamClass.valueOf(row.getDipped()),
        row.getLensDipped(),
        row.getFog() == null ? null : BeamClass.valueOf(row.getFog()),
        row.getLensFog(),
        row.getDrivingAimed(),
        row.getSteeperByMaker(),
        row.getChangedBy(),
        row.getChangedAt().toInstant(ZoneOffset.UTC));
  }

  /** By which rule sets it may be judged. */
  public VehicleScope scope() {
    return new VehicleScope(Optional.ofNullable(vehicleClass), Optional.ofNullable(body));
  }

  boolean says(VehicleEdit edit) {
    return edit(edit.version()).equals(edit);
  }

  /** The vehicle as it would be sent to be kept, on the given version. */
  public VehicleEdit edit(int onVersion) {
    return new VehicleEdit(
        onVersion,
        name,
        nickname,
        variant,
        modelYear,
        driverSide,
        wheelbaseMm,
        lampAheadMm,
        widthMm,
        body,
        vehicleClass,
        heightMm,
        frontOverhangMm,
        rearOverhangMm,
        dipped,
        lensDipped,
        fog,
        lensFog,
        drivingAimed,
        steeperByMaker);
  }
}

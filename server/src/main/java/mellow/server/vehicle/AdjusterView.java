package mellow.server.vehicle;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.OptionalDouble;
import mellow.core.aim.Adjuster;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;
import mellow.server.db.tables.records.AdjusterRecord;
import org.jspecify.annotations.Nullable;

/** An aiming screw as it is remembered. */
@Schema(name = "Adjuster", description = "An aiming screw as it is remembered for a vehicle.")
public record AdjusterView(
    String id,
    int version,
    LampKind lamp,
    Side side,
    Adjuster.Axis axis,
    String drive,
    String place,
    Adjuster.Reach reach,
    @Schema(description = "Percent up (or to the left) per clockwise turn.")
        @Nullable Double rememberedRate,
    String changedBy) {

  static AdjusterView of(AdjusterRecord row) {
    return new AdjusterView(
        row.getId(),
        row.getVersion(),
        LampKind.valueOf(row.getLamp()),
        Side.valueOf(row.getSide()),
        Adjuster.Axis.valueOf(row.getAxis()),
        row.getDrive(),
        row.getPlace(),
        Adjuster.Reach.valueOf(row.getReach()),
        row.getRememberedRate(),
        row.getChangedBy());
  }

  /** The screw as the core knows it. */
  public Adjuster core() {
    return new Adjuster(
        id,
        side,
        lamp,
        axis,
        drive,
        place,
        reach,
        rememberedRate == null ? OptionalDouble.empty() : OptionalDouble.of(rememberedRate));
  }

  boolean says(AdjusterEdit edit) {
    return new AdjusterEdit(edit.version(), lamp, side, axis, drive, place, reach, rememberedRate)
        .equals(edit);
  }

  /** It as it would be sent, as a new one. */
  public AdjusterEdit edit() {
    return new AdjusterEdit(0, lamp, side, axis, drive, place, reach, rememberedRate);
  }
}

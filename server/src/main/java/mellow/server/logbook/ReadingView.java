package mellow.server.logbook;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import mellow.core.logbook.ReadingKind;
import mellow.core.measure.UnitSystem;
import mellow.core.record.Line;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;
import mellow.server.wire.FigureView;
import org.jspecify.annotations.Nullable;

/** A reading as it is kept. */
@Schema(name = "Reading", description = "A reading as it is kept.")
public record ReadingView(
    String id,
    @Schema(description = "In the order in which lines of the record were kept.", example = "1207")
        long number,
    ReadingKind kind,
    @Schema(example = "Cutoff below") String title,
    LampKind lamp,
    @Nullable Side side,
    @Nullable String adjusterId,
    String typed,
    UnitSystem units,
    @Schema(description = "In mm, or in turns.") FigureView value,
    @Schema(description = "What it was read to, ± mm; 0 for what is counted.") double plusMinus,
    @Schema(description = "The reading that this one corrects.") @Nullable String strikes,
    @Schema(description = "The reading that corrects this one.") @Nullable String struckBy,
    @Schema(description = "Missing where it was not taken back without another in its place.")
        @Nullable UndoneView undone,
    String takenBy,
    Instant takenAt) {

  /** Who took a reading back. */
  @Schema(name = "ReadingUndone", description = "Who took a reading back, and when.")
  public record UndoneView(
      @Schema(description = "Of the line that took it back.") String id, String by, Instant at) {

    static UndoneView of(Line line) {
      return new UndoneView(line.id(), line.by(), line.at());
    }
  }
}

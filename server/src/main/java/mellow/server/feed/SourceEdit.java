package mellow.server.feed;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mellow.core.circuit.Controls;
import mellow.core.harness.WireProbe;
import mellow.server.platform.Refusal;
import org.jspecify.annotations.Nullable;

/** A wire that was probed, and the ground it was probed against. */
@Schema(name = "SourceEdit", description = "A wire, probed in positions of key and light switch.")
public record SourceEdit(
    @NotNull @Size(max = 40) @Schema(example = "s1") String id,
    @NotBlank
        @Size(max = 80)
        @Schema(description = "Connector and cavity.", example = "dash plug B, cavity 8")
        String place,
    @NotNull @Size(max = 40) @Schema(example = "red-white") String colour,
    @NotBlank
        @Size(max = 80)
        @Schema(description = "What it was probed against.", example = "battery's own negative")
        String ground,
    @Schema(description = "Over the battery at the time, V.", example = "12.6") double supplyVolts,
    @NotNull @Size(max = 40) List<@Valid @NotNull ProbeEdit> readings) {

  /** One reading. */
  @Schema(name = "ProbeReading", description = "Volts of a wire in a position of the controls.")
  public record ProbeEdit(
      @NotNull Controls.Key key,
      @NotNull Controls.Lights lights,
      @Schema(example = "12.4") double volts,
      @Schema(description = "It came and went, a time or two a second.")
          @Nullable Boolean flashes) {
    boolean isFlashing() {
      return Boolean.TRUE.equals(flashes);
    }
  }

  public WireProbe core() {
    if (!(supplyVolts > 0) || supplyVolts > 60) {
      throw Refusal.unprocessable(
          "supplyVolts", FeedWords.batteryRange(String.valueOf(supplyVolts)));
    }
    Map<WireProbe.Position, Double> map = new LinkedHashMap<>();
    Set<WireProbe.Position> flashing = new LinkedHashSet<>();
    for (ProbeEdit reading : readings) {
      if (!(Math.abs(reading.volts()) <= 60)) {
        throw Refusal.unprocessable(
            "readings", FeedWords.voltsRange(String.valueOf(reading.volts())));
      }
      WireProbe.Position at = new WireProbe.Position(reading.key(), reading.lights());
      map.put(at, reading.volts());
      if (reading.isFlashing()) {
        flashing.add(at);
      }
    }
    return new WireProbe(map, flashing, supplyVolts);
  }
}

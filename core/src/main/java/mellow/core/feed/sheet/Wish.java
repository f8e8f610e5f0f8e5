package mellow.core.feed.sheet;

import java.util.List;
import mellow.core.circuit.LightLevel;
import mellow.core.circuit.check.StateTable.Lamps;
import mellow.core.feed.DrivingState;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;

/** What lamps should do in a state; of turn signals those that the lever is at. */
public record Wish(LampFunction function, DrivingState state, LightLevel level) {
  /** The lamps that it is about. */
  List<Lamps> lamps() {
    if (function != LampFunction.TURN) {
      return List.of(Lamps.of(function));
    }
    Lamps left = Lamps.of(function, Side.LEFT);
    Lamps right = Lamps.of(function, Side.RIGHT);
    return switch (state.controls().turn()) {
      case LEFT -> List.of(left);
      case RIGHT -> List.of(right);
      case OFF, HAZARD -> List.of(left, right);
    };
  }
}

package mellow.core.feed;

import mellow.core.circuit.LightLevel;
import mellow.core.vehicle.LampFunction;

/** What lamps should do in a state. */
public record Wish(LampFunction function, DrivingState state, LightLevel level) {}

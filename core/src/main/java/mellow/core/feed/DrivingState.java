package mellow.core.feed;

import java.util.Arrays;
import java.util.Optional;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Controls.Key;
import mellow.core.circuit.Controls.Lights;
import mellow.core.circuit.Controls.Turn;

/** The positions of the controls that plans are proved in, in the order in which a hand goes. */
public enum DrivingState {
  KEY_OUT("key out", Controls.OFF),
  KEY_OUT_FOG("key out, fog switch left on", Controls.OFF.withFog(true)),
  KEY_OUT_AUX("key out, auxiliary left on", Controls.OFF.withAuxiliary(true)),
  HAZARD("hazard, key out", Controls.OFF.with(Turn.HAZARD)),
  ACCESSORY_FOG("accessory, fog", Controls.OFF.with(Key.ACCESSORY).withFog(true)),
  RUN("key in run", Controls.OFF.with(Key.RUN)),
  DAY("engine, lights off", driving(Lights.OFF)),
  DAY_FOG("lights off, fog", driving(Lights.OFF).withFog(true)),
  DAY_AUX("lights off, auxiliary", driving(Lights.OFF).withAuxiliary(true)),
  SIDE("side lamps", driving(Lights.SIDE)),
  SIDE_FOG("side lamps, fog", driving(Lights.SIDE).withFog(true)),
  LOW("low beam", driving(Lights.DIPPED)),
  LOW_FOG("low beam, fog", driving(Lights.DIPPED).withFog(true)),
  LOW_AUX("low beam, auxiliary", driving(Lights.DIPPED).withAuxiliary(true)),
  MAIN("main beam", driving(Lights.MAIN)),
  MAIN_FOG("main beam, fog", driving(Lights.MAIN).withFog(true)),
  MAIN_AUX("main beam, auxiliary", driving(Lights.MAIN).withAuxiliary(true)),
  FLASH("headlamp flash", driving(Lights.FLASH)),
  TURN_LEFT("turn left", driving(Lights.OFF).with(Turn.LEFT)),
  TURN_RIGHT("turn right", driving(Lights.OFF).with(Turn.RIGHT));

  private final String earlier;
  private final Controls controls;

  DrivingState(String earlier, Controls controls) {
    this.earlier = earlier;
    this.controls = controls;
  }

  private static Controls driving(Lights lights) {
    return Controls.OFF.with(Key.ENGINE).with(lights);
  }

  /** The state that was kept so: by its name, or by the words that earlier versions kept. */
  public static Optional<DrivingState> kept(String text) {
    return Arrays.stream(values())
        .filter(state -> state.name().equals(text) || state.earlier.equals(text))
        .findFirst();
  }

  public Controls controls() {
    return controls;
  }
}

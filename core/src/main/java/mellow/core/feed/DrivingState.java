package mellow.core.feed;

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

  private final String words;
  private final Controls controls;

  DrivingState(String words, Controls controls) {
    this.words = words;
    this.controls = controls;
  }

  private static Controls driving(Lights lights) {
    return Controls.OFF.with(Key.ENGINE).with(lights);
  }

  public String words() {
    return words;
  }

  public Controls controls() {
    return controls;
  }
}

package mellow.core.vehicle;

/** What a forward lamp is for. */
public enum LampFunction {
  DIPPED("low beam"),
  MAIN("main beam"),
  FRONT_FOG("front fog lamp"),
  DRL("daytime running lamp"),
  POSITION("front position lamp"),
  TURN("turn signal"),
  SIDE_MARKER("side marker"),
  /** A lamp with a driving or work pattern that goes with main beam or off the road. */
  DRIVING("driving lamp");

  private final String words;

  LampFunction(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}

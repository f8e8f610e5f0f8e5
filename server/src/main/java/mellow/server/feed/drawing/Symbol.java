package mellow.server.feed.drawing;

/**
 * The symbols of a circuit's drawing.
 *
 * <p>Sizes in the drawing's own units, one of which is a pixel at 100 %. A symbol's words stand at
 * its right.
 */
public enum Symbol {
  FUSE(20, 44, true),
  SWITCH(24, 44, true),
  COIL(40, 40, true),
  MAKE(24, 44, false),
  BREAK(24, 44, false),
  CHANGE_OVER(44, 44, false),
  LAMP(48, 48, true),
  PILOT(28, 28, true),
  JOINT(10, 10, true),
  CLIP(16, 16, true),
  DIODE(24, 28, true),
  RESISTOR(20, 44, true),
  SOLENOID(40, 36, true),
  BOX(56, 44, true),
  MODULE(132, 56, false),
  /** Where a line begins at the bar of the battery, or ends at that of the ground. */
  BAR_END(2, 2, false),
  JUNCTION(6, 6, false),
  /** An end that nothing is joined to. */
  LOOSE(8, 8, true);

  private final double width;
  private final double height;
  private final boolean named;

  Symbol(double width, double height, boolean named) {
    this.width = width;
    this.height = height;
    this.named = named;
  }

  double width() {
    return width;
  }

  public double height() {
    return height;
  }

  /** Whether its part's name stands beside it. */
  public boolean named() {
    return named;
  }
}

package mellow.core.vehicle;

/** A side of the vehicle, as the driver has it, sitting in the seat. */
public enum Side {
  LEFT(1, "left"),
  RIGHT(-1, "right");

  private final int sign;
  private final String word;

  Side(int sign, String word) {
    this.sign = sign;
    this.word = word;
  }

  /** +1 on the left, −1 on the right: the sign of x. */
  public int sign() {
    return sign;
  }

  public String word() {
    return word;
  }

  public Side other() {
    return this == LEFT ? RIGHT : LEFT;
  }
}

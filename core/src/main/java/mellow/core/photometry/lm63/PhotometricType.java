package mellow.core.photometry.lm63;

import java.util.Optional;
import java.util.stream.Stream;

/**
 * Which two angles name a direction, and the number that stands for it in a file.
 *
 * <p>Seen from behind the lamp, looking the way it shines.
 */
public enum PhotometricType {
  /** Polar axis vertical: horizontal angle to the right, then vertical angle up. */
  A(3, -90, 90),
  /** Polar axis horizontal, from left to right: vertical angle about it, then the angle aside. */
  B(2, -90, 90),
  /**
   * Polar axis along the beam: vertical angle 0 straight ahead, planes from the right (0) over up
   * (90).
   */
  C(1, 0, 180);

  private final int number;
  private final double leastVertical;
  private final double mostVertical;

  PhotometricType(int number, double leastVertical, double mostVertical) {
    this.number = number;
    this.leastVertical = leastVertical;
    this.mostVertical = mostVertical;
  }

  public int number() {
    return number;
  }

  double leastVertical() {
    return leastVertical;
  }

  double mostVertical() {
    return mostVertical;
  }

  static Optional<PhotometricType> of(double number) {
    return Stream.of(values()).filter(type -> type.number == number).findFirst();
  }
}

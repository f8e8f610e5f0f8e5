package mellow.core.measure;

/** Degrees Celsius and Fahrenheit. */
public final class Temperature {
  private Temperature() {}

  /** Degrees Fahrenheit in degrees Celsius. */
  public static double celsius(double fahrenheit) {
    return (fahrenheit - 32) / 1.8;
  }

  /** Degrees Celsius in degrees Fahrenheit. */
  public static double fahrenheit(double celsius) {
    return celsius * 1.8 + 32;
  }
}

package mellow.core.retrofit;

import java.util.List;
import java.util.Optional;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresOptimizer.Optimum;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.optim.nonlinear.vector.leastsquares.MultivariateJacobianFunction;
import org.hipparchus.util.Pair;

/**
 * How something warms up: T(t) = end − (end − start) · exp(−t ÷ τ), Newton's law of heating. Fitted
 * by least squares (Levenberg–Marquardt); uncertainties are one standard deviation, from the
 * covariance of the fit and at least from what one reading is good to.
 *
 * @param endCelsius where it will end
 * @param endDeviation of that
 * @param startCelsius where it began
 * @param tauMinutes its time constant
 * @param tauDeviation of that
 */
public record WarmingCurve(
    double endCelsius,
    double endDeviation,
    double startCelsius,
    double tauMinutes,
    double tauDeviation) {
  private static final int LEAST_READINGS = 4;
  private static final double SHORTEST_TAU = 0.05;
  private static final int MOST_STEPS = 400;

  /**
   * A reading.
   *
   * @param minutes since it was switched on
   */
  public record At(double minutes, double celsius) {}

  /** The temperature at a time. */
  public double at(double minutes) {
    return endCelsius - (endCelsius - startCelsius) * Math.exp(-minutes / tauMinutes);
  }

  /**
   * Fits a curve; empty where the readings do not tell one: fewer than four, or not bending yet.
   *
   * @param thermometerCelsius one standard deviation of a reading
   */
  public static Optional<WarmingCurve> fit(List<At> readings, double thermometerCelsius) {
    if (readings.size() < LEAST_READINGS) {
      return Optional.empty();
    }
    double[] temperatures = readings.stream().mapToDouble(At::celsius).toArray();
    double last = readings.get(readings.size() - 1).minutes();
    double highest = readings.stream().mapToDouble(At::celsius).max().orElseThrow();
    double first = temperatures[0];
    try {
      Optimum optimum =
          new LevenbergMarquardtOptimizer()
              .optimize(
                  new LeastSquaresBuilder()
                      .model(model(readings))
                      .target(temperatures)
                      .start(new double[] {highest + 2, first, Math.max(last / 3, SHORTEST_TAU)})
                      .maxEvaluations(MOST_STEPS)
                      .maxIterations(MOST_STEPS)
                      .build());
      double[] found = optimum.getPoint().toArray();
      RealMatrix covariance = optimum.getCovariances(1e-12);
      double degrees = Math.max(1, readings.size() - found.length);
      double variance =
          Math.max(
              optimum.getCost() * optimum.getCost() / degrees,
              thermometerCelsius * thermometerCelsius);
      WarmingCurve curve =
          new WarmingCurve(
              found[0],
              Math.sqrt(covariance.getEntry(0, 0) * variance),
              found[1],
              found[2],
              Math.sqrt(covariance.getEntry(2, 2) * variance));
      return curve.isTold(last) ? Optional.of(curve) : Optional.empty();
    } catch (MathRuntimeException straightLine) {
      return Optional.empty();
    }
  }

  /** Whether the readings reach far enough to tell the bend from a straight line. */
  private boolean isTold(double lastMinutes) {
    return Double.isFinite(endDeviation)
        && tauMinutes > SHORTEST_TAU / 10
        && tauMinutes < 4 * lastMinutes
        && endCelsius > startCelsius;
  }

  private static MultivariateJacobianFunction model(List<At> readings) {
    return point -> {
      double end = point.getEntry(0);
      double start = point.getEntry(1);
      double tau = Math.max(point.getEntry(2), SHORTEST_TAU / 100);
      RealVector values = new ArrayRealVector(readings.size());
      RealMatrix slopes = MatrixUtils.createRealMatrix(readings.size(), 3);
      for (int i = 0; i < readings.size(); i++) {
        double t = readings.get(i).minutes();
        double fading = Math.exp(-t / tau);
        values.setEntry(i, end - (end - start) * fading);
        slopes.setEntry(i, 0, 1 - fading);
        slopes.setEntry(i, 1, fading);
        slopes.setEntry(i, 2, -(end - start) * fading * t / (tau * tau));
      }
      return new Pair<>(values, slopes);
    };
  }
}

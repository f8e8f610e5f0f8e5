package mellow.core.placement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Common practice: lamps face forward within 10° and do not follow the bumper round its corner. */
class BumperTest {
  private static final double WIDTH = 1700;

  @Test
  void liesBackByWhatWasMeasuredAtItsSideAndNotAtAllInTheMiddle() {
    Bumper bumper = new Bumper(110);
    assertThat(bumper.backMm(0, WIDTH)).isZero();
    assertThat(bumper.backMm(850, WIDTH)).isEqualTo(110);
    List<Point> curve = bumper.curve(WIDTH);
    assertThat(curve.get(0)).isEqualTo(new Point(0, 0));
    assertThat(curve.get(curve.size() - 1)).isEqualTo(new Point(850, 110));
  }

  /** The turn is the slope of the curve: taken here from two places close together. */
  @ParameterizedTest
  @ValueSource(doubles = {0, 300, 610, 849})
  void turnsAsItsCurveSlopes(double outMm) {
    Bumper bumper = new Bumper(160);
    double rise = bumper.backMm(outMm + 0.01, WIDTH) - bumper.backMm(outMm, WIDTH);
    assertThat(bumper.turnDeg(outMm, WIDTH))
        .isCloseTo(Math.toDegrees(Math.atan2(rise, 0.01)), within(0.01));
  }

  @Test
  void doesNotLieForward() {
    assertThatThrownBy(() -> new Bumper(-1)).hasMessageContaining("not -1.0");
    assertThatThrownBy(() -> new Bumper(Double.NaN)).hasMessageContaining("NaN");
    assertThat(new Bumper(0).turnDeg(700, WIDTH)).isZero();
  }
}

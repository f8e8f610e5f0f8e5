package mellow.core.placement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.measure.UnitSystem;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import org.junit.jupiter.api.Test;

class HolesTest {
  private static Optional<List<Integer>> holes(int holes, int lamps, double widthMm) {
    return new HoleRow(holes, 60).holesFor(Collections.nCopies(lamps, widthMm));
  }

  /** Common practice: brackets with five holes. */
  @Test
  void threeLampsTakeHoles135AndTwoTake24() {
    assertThat(holes(5, 3, 90)).contains(List.of(1, 3, 5));
    assertThat(holes(5, 2, 90)).contains(List.of(2, 4));
    assertThat(holes(5, 1, 90)).contains(List.of(3));
  }

  @Test
  void lampsThatWouldTouchTakeHolesFartherApart() {
    assertThat(holes(5, 2, 200)).contains(List.of(1, 5));
    assertThat(holes(5, 3, 130)).isEmpty();
  }

  @Test
  void anOddNumberOfLampsNeedsAHoleInTheMiddle() {
    assertThat(holes(6, 3, 50)).isEmpty();
    assertThat(holes(6, 2, 50)).contains(List.of(2, 5));
  }

  private static LampPair barLamp(double widthMm) {
    return LampPair.mirrored(
        "it",
        "running lamp",
        new Lamp(
            LampFunction.DRL,
            List.of(new Lamp.Head(new Outline.Rectangle(widthMm, 30), 0, 0)),
            Optional.empty(),
            OptionalDouble.empty(),
            false,
            List.of(new Lamp.Hole(40, 10, 3, 10), new Lamp.Hole(-40, 0, 0, 6))),
        new Spot(600, 500, 0));
  }

  @Test
  void theTemplateShowsTheLeftLampsOuterHoleAtTheRightAndMirrorsTheOther() {
    for (Side side : Side.values()) {
      List<DrillTemplate.Sheet> sheets =
          DrillTemplate.of(barLamp(120), side, Paper.A4, UnitSystem.METRIC);
      assertThat(sheets).hasSize(1);
      List<Stroke.Circle> circles =
          sheets.get(0).strokes().stream()
              .filter(Stroke.Circle.class::isInstance)
              .map(Stroke.Circle.class::cast)
              .toList();
      Stroke.Circle outer =
          circles.stream().filter(one -> one.diameterMm() == 10).findFirst().orElseThrow();
      Stroke.Circle inner =
          circles.stream().filter(one -> one.diameterMm() == 6).findFirst().orElseThrow();
      assertThat(outer.x() - inner.x()).isCloseTo(side == Side.LEFT ? 80 : -80, within(1e-9));
      assertThat(outer.y() - inner.y()).isCloseTo(10, within(1e-9));
    }
  }

  @Test
  void aLongLampIsTiledAndEachSheetHasItsControlLine() {
    List<DrillTemplate.Sheet> sheets =
        DrillTemplate.of(barLamp(400), Side.LEFT, Paper.LETTER, UnitSystem.IMPERIAL);
    // 430 mm of drawing over windows of 191.9 mm that share 10 mm
    assertThat(sheets).hasSize(3);
    for (DrillTemplate.Sheet sheet : sheets) {
      assertThat(
              sheet.strokes().stream()
                  .filter(Stroke.Line.class::isInstance)
                  .map(Stroke.Line.class::cast)
                  .filter(line -> Math.abs(line.toX() - line.fromX() - 100) < 1e-9))
          .hasSize(1);
    }
  }
}

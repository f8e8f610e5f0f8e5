package mellow.core.aim;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.aim.wall.TapeMark;
import mellow.core.aim.wall.WallHorizon;
import mellow.core.finding.Horizon;
import mellow.core.finding.Said;
import mellow.core.finding.Verdict;
import mellow.core.vehicle.BySide;
import mellow.core.vehicle.Side;
import org.junit.jupiter.api.Test;

class HorizonTest {
  private static Horizon.Mark mark(Horizon horizon, String id) {
    return horizon.marks().stream()
        .filter(mark -> mark.findingId().equals(id))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void whatIsOutStandsAboveAndWhatIsWithinHangsBelow() {
    Walls walls = new Walls().reads(Side.LEFT, 95).reads(Side.RIGHT, 18);
    Horizon horizon = WallHorizon.of(walls.sheet());
    assertThat(Said.texts(horizon.parts()))
        .containsExactly("Floor", "Lamps", "Left lamp", "Right lamp", "Hand over");
    assertThat(mark(horizon, "aim.limits@lamp:DIPPED:LEFT").share()).isPositive();
    assertThat(mark(horizon, "aim.limits@lamp:DIPPED:RIGHT").share()).isNegative();
    assertThat(mark(horizon, "aim.limits@lamp:DIPPED:RIGHT").part()).isEqualTo(3);
    assertThat(mark(horizon, "floor.survey@bay").verdict()).isEqualTo(Verdict.NOT_KNOWN);
    assertThat(mark(horizon, "floor.survey@bay").share()).isZero();
  }

  @Test
  void theSharesOfWildReadingsStayOnTheStrip() {
    Horizon horizon = WallHorizon.of(new Walls().reads(Side.LEFT, -3000).sheet());
    assertThat(horizon.marks()).allSatisfy(mark -> assertThat(mark.share()).isBetween(-1.0, 1.0));
    assertThat(mark(horizon, "aim.limits@lamp:DIPPED:LEFT").share()).isEqualTo(-1);
  }

  @Test
  void theSunStandsWhereTheWorkStands() {
    Walls walls = new Walls();
    walls.distance = BySide.of(side -> OptionalDouble.empty());
    assertThat(WallHorizon.of(walls.sheet()).present()).isEqualTo(1);
    walls.distance(7620, 7620);
    assertThat(WallHorizon.of(walls.sheet()).present()).isEqualTo(2);
    walls.reads(Side.LEFT, 95);
    assertThat(WallHorizon.of(walls.sheet()).present()).isEqualTo(3);
    walls.reads(Side.RIGHT, 95);
    assertThat(WallHorizon.of(walls.sheet()).present()).isEqualTo(4);
  }

  @Test
  void theStepsFollowTheWork() {
    Walls walls = new Walls();
    assertThat(states(walls)).containsExactly("NOT_KNOWN", "WITHIN", "WITHIN", "NOW", "LATER");
    walls.reads(Side.LEFT, 18);
    assertThat(states(walls)).containsExactly("NOT_KNOWN", "WITHIN", "WITHIN", "OUT", "NOW");
    walls.reads(Side.RIGHT, 95);
    assertThat(states(walls)).containsExactly("NOT_KNOWN", "WITHIN", "WITHIN", "OUT", "WITHIN");
    walls.screw(Side.LEFT, "v", Adjuster.Axis.VERTICAL).turns(Side.LEFT, "v", 1);
    assertThat(states(walls)).containsExactly("NOT_KNOWN", "WITHIN", "WITHIN", "NOW", "WITHIN");
  }

  private static List<String> states(Walls walls) {
    return walls.sheet().steps().stream().map(step -> step.state().name()).toList();
  }

  @Test
  void theStripsOfTapeStandWhereTheLampsPoint() {
    Walls walls = new Walls().distance(7600, 7640);
    List<TapeMark> marks = TapeMark.of(walls.sheet().pairs().get(0), walls.marks);
    double cosine = Math.cos(Math.atan(40.0 / 1200));
    assertThat(marks)
        .filteredOn(mark -> mark.role() == TapeMark.Role.STRAIGHT_AHEAD)
        .extracting(TapeMark::leftMm)
        .containsExactly(600 / cosine, -600 / cosine);
    assertThat(marks)
        .filteredOn(mark -> mark.role() == TapeMark.Role.AIM)
        .allSatisfy(mark -> assertThat(mark.upperEdgeMm()).isEqualTo(mark.heightMm()));
    assertThat(marks.get(0).role()).isEqualTo(TapeMark.Role.CENTRE_LINE);
    assertThat(marks.get(0).leftMm()).isZero();
  }

  @Test
  void everyEdgeOfTheTapeCanBeTheLine() {
    for (MarkStyle.Edge edge : MarkStyle.Edge.values()) {
      MarkStyle style =
          new MarkStyle(edge, 24, MarkStyle.Origin.MEASURED, BySide.of(side -> Optional.empty()));
      double upper = style.upperEdgeMm(600);
      double line =
          switch (edge) {
            case UPPER -> upper;
            case MIDDLE -> upper - 12;
            case LOWER -> upper - 24;
          };
      assertThat(line).isEqualTo(600);
    }
  }
}

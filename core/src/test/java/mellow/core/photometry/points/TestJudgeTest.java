package mellow.core.photometry.points;

import static mellow.core.finding.FindingAssert.assertThatFinding;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.formats.TestTables;
import mellow.core.photometry.Beam;
import mellow.core.photometry.points.TestTable.Demand;
import mellow.core.photometry.points.TestTable.Direction;
import mellow.core.photometry.points.TestTable.Over;
import mellow.core.photometry.shipped.ShippedBeam;
import mellow.core.photometry.wall.BeamCutoff;
import mellow.core.vehicle.TrafficSide;
import org.junit.jupiter.api.Test;

/** Points, zones and limits of the regulations are from memory. */
class TestJudgeTest {
  private static Beam beam(String name) {
    return Beam.of(ShippedBeam.named(name).orElseThrow().file());
  }

  private static TestTable table(String id) {
    return TestTables.byId(id).orElseThrow();
  }

  private static Finding at(List<Finding> findings, String point) {
    return findings.stream()
        .filter(finding -> finding.key().rule().endsWith("." + point))
        .findFirst()
        .orElseThrow();
  }

  private static List<Finding> plain(Beam beam, Demand... demands) {
    return TestJudge.judge(
        beam,
        new TestTable(
            "t", "t", Optional.empty(), List.of(demands), new Source(Source.Mark.LOCAL, "t"), ""),
        TrafficSide.RIGHT);
  }

  private static Demand asks(Over over, double least, double most, Direction... where) {
    return new Demand(
        "p",
        List.of(where),
        over,
        least > 0 ? OptionalDouble.of(least) : OptionalDouble.empty(),
        most > 0 ? OptionalDouble.of(most) : OptionalDouble.empty());
  }

  /** The running lamp gives 742 cd on its axis by its formula: 700 and 6 % of it. */
  @Test
  void aPointIsHeldAgainstBothItsLimits() {
    Beam lamp = beam("running");
    Direction axis = new Direction(0, 0);
    assertThatFinding(plain(lamp, asks(Over.ALL, 740, 0, axis)).get(0)).is(Verdict.WITHIN);
    Finding dim = plain(lamp, asks(Over.ALL, 800, 2000, axis)).get(0);
    assertThatFinding(dim).is(Verdict.OUT).hasMargin(-58, 0.01);
    assertThatFinding(dim).says(PointsWords.least("p", Figure.candela(742), Figure.candela(800)));
    Finding bright = plain(lamp, asks(Over.ALL, 100, 700, axis)).get(0);
    assertThatFinding(bright).is(Verdict.OUT).hasMargin(-42, 0.01);
  }

  /** A line's darkest place counts, its brightest where that is asked, and sums are sums. */
  @Test
  void linesAreasAndSums() {
    Beam lamp = beam("running");
    Direction left = new Direction(-20, 0);
    Direction right = new Direction(20, 0);
    double side = lamp.candela(20, 0);
    assertThatFinding(plain(lamp, asks(Over.ALL, side + 1, 0, left, right)).get(0)).is(Verdict.OUT);
    assertThatFinding(plain(lamp, asks(Over.BRIGHTEST, 741, 0, left, right)).get(0))
        .is(Verdict.WITHIN);
    assertThatFinding(plain(lamp, asks(Over.SUM, 2 * side + 1, 0, left, right)).get(0))
        .is(Verdict.OUT)
        .hasMargin(-1, 0.001);
    // the axis lies within the corners, brighter than any of them
    assertThatFinding(
            plain(
                    lamp,
                    asks(
                        Over.ALL, 0, 740, left, new Direction(0, 10), right, new Direction(0, -10)))
                .get(0))
        .is(Verdict.OUT);
  }

  /** A lamp with its own source passes class B whole: the page shows it as it should be. */
  @Test
  void aReflectorWithItsFilamentPasses() {
    assertThat(TestJudge.judge(beam("reflector"), table("un-r112-b"), TrafficSide.RIGHT))
        .allSatisfy(finding -> assertThatFinding(finding).is(Verdict.WITHIN));
  }

  /** A good projector passes class B whole; mirrored, it passes for the other traffic. */
  @Test
  void aProjectorPassesAndItsMirrorForTheOtherTraffic() {
    TestTable classB = table("un-r112-b");
    assertThat(TestJudge.judge(beam("projector"), classB, TrafficSide.RIGHT))
        .hasSize(15)
        .extracting(Finding::verdict)
        .containsOnly(Verdict.WITHIN);
    assertThat(TestJudge.judge(beam("projector").mirrored(), classB, TrafficSide.LEFT))
        .extracting(Finding::verdict)
        .containsOnly(Verdict.WITHIN);
    // for the wrong traffic it dazzles
    assertThat(TestJudge.judge(beam("projector").mirrored(), classB, TrafficSide.RIGHT))
        .extracting(Finding::verdict)
        .contains(Verdict.OUT);
  }

  /**
   * The cutoff is set first: lamps whose files have it elsewhere are dark above and lit below it.
   */
  @Test
  void theCutoffIsSetBeforeItIsMeasured() {
    TestTable twoDown =
        new TestTable(
            "t",
            "t",
            Optional.of(new TestTable.Cutoff(BeamCutoff.Flat.LEFT, -2)),
            List.of(
                asks(Over.ALL, 0, 500, new Direction(-2, -1.8)),
                asks(Over.ALL, 8000, 0, new Direction(-2, -2.4))),
            new Source(Source.Mark.LOCAL, "t"),
            "");
    for (String lamp : List.of("projector", "projector-vol")) {
      assertThat(TestJudge.judge(beam(lamp), twoDown, TrafficSide.RIGHT))
          .extracting(Finding::verdict)
          .containsOnly(Verdict.WITHIN);
    }
    assertThat(TestJudge.judge(beam("spot"), twoDown, TrafficSide.RIGHT))
        .singleElement()
        .satisfies(finding -> assertThatFinding(finding).says(PointsWords.noCutoff()));
  }

  /** An arc in a bowl made for a filament exceeds B50L and zone III (common practice). */
  @Test
  void theWrongSourceFailsWhereOncomingEyesAre() {
    List<Finding> arc =
        TestJudge.judge(beam("reflector-arc"), table("un-r112-b"), TrafficSide.RIGHT);
    assertThatFinding(at(arc, "zone III")).is(Verdict.OUT);
  }

  @Test
  void runningAndFogLampsPassTheirs() {
    assertThat(TestJudge.judge(beam("running"), table("un-r87"), TrafficSide.RIGHT))
        .extracting(Finding::verdict)
        .containsOnly(Verdict.WITHIN);
    assertThat(TestJudge.judge(beam("fog-f3"), table("un-r19-f3"), TrafficSide.RIGHT))
        .extracting(Finding::verdict)
        .containsOnly(Verdict.WITHIN);
    // a driving lamp is no running lamp
    assertThatFinding(
            at(TestJudge.judge(beam("spot"), table("un-r87"), TrafficSide.RIGHT), "any direction"))
        .is(Verdict.OUT);
  }
}

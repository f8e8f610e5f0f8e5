package mellow.core.harness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import mellow.core.finding.Finding;
import mellow.core.finding.Verdict;
import mellow.core.harness.CutList.Piece;
import mellow.core.harness.Route.Hazard;
import mellow.core.harness.Route.Passes;
import mellow.core.harness.Route.Stop;
import org.junit.jupiter.api.Test;

class RouteTest {
  /** From the battery down to the bumper and across: 300, 400 and 1200 mm. */
  private final Route across =
      new Route(
          "to the right fog lamp",
          List.of(
              Stop.at(500, 300, 800),
              Stop.at(500, 600, 800),
              Stop.at(500, 600, 400),
              Stop.at(-700, 600, 400)));

  /** By hand: 1900 mm straight, a tenth more, 150 mm at each end; ten ties of 200 mm. */
  @Test
  void isCutWithSlackAndLoops() {
    assertThat(across.straightMm()).isCloseTo(1900, within(1e-9));
    assertThat(across.cutMm()).isCloseTo(2390, within(1e-9));
    assertThat(across.ties()).isEqualTo(10);
  }

  @Test
  void keepsAwayFromWhatIsHotOrMoves() {
    Hazard manifold = new Hazard("manifold", Stop.at(450, 450, 800), 100);
    Hazard fan = new Hazard("fan", Stop.at(0, 540, 480), 80);
    List<Finding> findings = across.findings(List.of(manifold, fan));
    // 50 mm aside of the first piece; 60 mm behind and 80 mm above the last: 100 mm
    assertThat(findings.get(0).verdict()).isEqualTo(Verdict.OUT);
    assertThat(findings.get(0).margin().orElseThrow().amount().value())
        .isCloseTo(-50, within(1e-9));
    assertThat(findings.get(1).verdict()).isEqualTo(Verdict.WITHIN);
    assertThat(findings.get(1).margin().orElseThrow().amount().value()).isCloseTo(20, within(1e-9));
  }

  @Test
  void bareHoleIsOutUntilItHasItsGrommet() {
    Stop hole = new Stop(400, -600, 700, Passes.BARE_HOLE);
    Route bare = new Route("to the switch", List.of(Stop.at(500, 300, 800), hole));
    assertThat(bare.findings(List.of()))
        .extracting(Finding::id)
        .containsExactly("route.hole@route:to%20the%20switch:2");
    Stop dressed = new Stop(400, -600, 700, Passes.GROMMET);
    assertThat(new Route("same", List.of(Stop.at(500, 300, 800), dressed)).findings(List.of()))
        .isEmpty();
  }

  @Test
  void endlessPlacesAndRoutesWithoutAnEndAreRefused() {
    assertThatThrownBy(() -> Stop.at(Double.NaN, 0, 0)).hasMessageContaining("within the vehicle");
    assertThatThrownBy(() -> Stop.at(0, 1e9, 0)).hasMessageContaining("within the vehicle");
    assertThatThrownBy(() -> new Route("x", List.of(Stop.at(0, 0, 0))))
        .hasMessageContaining("a beginning and an end");
  }

  @Test
  void cutListGoesByReelAndLosesNothing() {
    Piece shortFeed = new Piece("2", WireSize.awg(14), "red", 903, "relay terminal", "splice");
    Piece longFeed = new Piece("1", WireSize.awg(14), "red", 2390, "relay terminal", "splice");
    Piece ground = new Piece("3", WireSize.awg(14), "black", 400, "ring M6", "splice");
    Piece signal = new Piece("4", WireSize.metric(0.75), "blue", 1500, "tap", "relay terminal");
    CutList list = CutList.of(List.of(shortFeed, ground, signal, longFeed));
    assertThat(list.reels().stream().map(reel -> reel.size().name() + " " + reel.colour()))
        .containsExactly("0.75 mm² blue", "AWG 14 black", "AWG 14 red");
    assertThat(list.reels().get(2).pieces()).containsExactly(longFeed, shortFeed);
    assertThat(list.reels().get(2).totalMm()).isEqualTo(2390 + 910);
    assertThat(list.ends())
        .isEqualTo(Map.of("tap", 1, "relay terminal", 3, "ring M6", 1, "splice", 3));
    assertThat(list.labels()).containsExactly("4", "4", "3", "3", "1", "1", "2", "2");
    assertThatThrownBy(() -> new Piece("5", WireSize.awg(14), "red", -1, "a", "b"))
        .hasMessageContaining("up to 100 m");
  }
}

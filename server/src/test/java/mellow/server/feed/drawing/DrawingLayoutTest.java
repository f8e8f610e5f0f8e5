package mellow.server.feed.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mellow.core.feed.DrivingState;
import mellow.core.feed.FeedPlan;
import mellow.core.feed.PlannedFeed;
import mellow.core.feed.PlannedPart;
import mellow.core.feed.sheet.FeedSheet;
import mellow.core.formats.FeedPlanBook;
import mellow.core.formats.FeedPlanFormat;
import mellow.server.feed.FeedView;
import mellow.server.feed.SolvedView;
import mellow.server.feed.drawing.Drawing.Path;
import mellow.server.feed.drawing.Drawing.Placed;
import mellow.server.feed.drawing.Drawing.Spot;
import mellow.server.feed.paper.WiringSvg;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every ready plan's circuit as a drawing: whole, legible, from battery to ground. */
class DrawingLayoutTest {
  static Stream<String> plans() {
    return FeedPlanBook.all().stream().map(FeedPlan::id);
  }

  private static PlannedFeed feed(String plan) throws Exception {
    return PlannedFeed.usual(FeedPlanBook.byId(plan).orElseThrow());
  }

  private static Drawing drawing(String plan) throws Exception {
    return DrawingLayout.of(Schematic.of(feed(plan)));
  }

  @ParameterizedTest
  @MethodSource("plans")
  void everythingNewIsDrawn(String plan) throws Exception {
    Drawing drawing = drawing(plan);
    for (PlannedPart part : feed(plan).parts()) {
      if (part.factory()) {
        continue;
      }
      boolean drawn =
          part.kind().equals("wire")
              ? drawing.paths().stream().anyMatch(path -> path.wire().equals(part.id()))
              : drawing.symbols().stream().anyMatch(box -> box.part().equals(part.id()));
      assertThat(drawn).as(part.id()).isTrue();
    }
    long coils = drawing.symbols().stream().filter(box -> box.symbol() == Symbol.COIL).count();
    assertThat(drawing.links()).hasSize((int) coils);
  }

  @ParameterizedTest
  @MethodSource("plans")
  void noSymbolLiesOnAnother(String plan) throws Exception {
    List<Placed> boxes = new ArrayList<>(drawing(plan).symbols());
    for (Placed one : boxes) {
      for (Placed other : boxes) {
        if (one != other) {
          boolean apart =
              one.x() + one.width() <= other.x()
                  || other.x() + other.width() <= one.x()
                  || one.y() + one.height() <= other.y()
                  || other.y() + other.height() <= one.y();
          assertThat(apart).as(one.id() + " and " + other.id()).isTrue();
        }
      }
    }
  }

  /** Lines run level or upright, from pin to pin, within the drawing. */
  @ParameterizedTest
  @MethodSource("plans")
  void linesEndAtPins(String plan) throws Exception {
    Drawing drawing = drawing(plan);
    List<Spot> pins =
        drawing.symbols().stream()
            .flatMap(box -> box.pins().stream())
            .map(Drawing.PlacedPin::at)
            .toList();
    for (Path path : drawing.paths()) {
      List<Spot> spots = path.spots();
      assertThat(spots).as(path.id()).hasSizeGreaterThan(1);
      assertThat(pins).as(path.id()).anyMatch(pin -> near(pin, spots.get(0)));
      assertThat(pins).as(path.id()).anyMatch(pin -> near(pin, spots.get(spots.size() - 1)));
      for (int i = 1; i < spots.size(); i++) {
        Spot from = spots.get(i - 1);
        Spot to = spots.get(i);
        assertThat(Math.min(Math.abs(from.x() - to.x()), Math.abs(from.y() - to.y())))
            .as(path.id())
            .isCloseTo(0, within(0.01));
        assertThat(to.x()).isBetween(0.0, drawing.width());
        assertThat(to.y()).isBetween(-0.01, drawing.height() + 0.01);
      }
    }
  }

  private static boolean near(Spot one, Spot other) {
    return Math.abs(one.x() - other.x()) < 0.5 && Math.abs(one.y() - other.y()) < 0.5;
  }

  /** The battery's bar is the upper edge, the body's the lower one. */
  @ParameterizedTest
  @MethodSource("plans")
  void barsAreTheEdges(String plan) throws Exception {
    Drawing drawing = drawing(plan);
    for (Placed box : drawing.symbols()) {
      if (box.symbol() == Symbol.BAR_END) {
        boolean battery = box.pins().get(0).node().equals("battery +");
        double edge = battery ? 0 : drawing.height();
        assertThat(box.y() + box.height() / 2).as(box.id()).isCloseTo(edge, within(2.5));
      }
    }
  }

  /** Factory lamps that the plan has nothing to do with would only be in the way. */
  @Test
  void whatThePlanHasNothingToDoWithIsLeftOut() throws Exception {
    assertThat(drawing("fog-own-switch").symbols())
        .extracting(Placed::part)
        .contains("light switch, side", "fog relay", "left fog lamp")
        .doesNotContain("left low beam", "left position lamp", "key, ignition", "battery");
    // here the fog lamps are the factory's own, and they are what it is about
    assertThat(drawing("fog-refed").symbols())
        .extracting(Placed::part)
        .contains("left fog lamp", "factory fog relay");
  }

  /** A plan of one's own calls its supply and its ground as it likes; both are drawn as bars. */
  @Test
  void supplyAndGroundMayHaveAnyName() throws Exception {
    String file =
        """
        { "id": "own-names", "version": 1, "title": "Own names", "does": "Two lamps.",
          "functions": ["DRL"], "source": { "mark": "local", "name": "own" }, "questions": [],
          "blocks": [
            { "kind": "battery", "id": "source", "plus": "terminal 30" },
            { "kind": "joint", "id": "strap", "from": "terminal 31", "to": "ground" },
            { "kind": "switch", "id": "key", "from": "terminal 30", "to": "terminal 15",
              "closed": "key RUN ENGINE" },
            { "kind": "fuse", "id": "fuse", "from": "terminal 15", "to": "drl +", "amps": "5" },
            { "kind": "lamp", "id": "{side} drl", "type": "led", "function": "DRL",
              "side": "{SIDE}", "plus": "drl +", "minus": "terminal 31", "watts": "8",
              "sides": "yes" }],
          "lamps": [{ "function": "DRL", "full": ["RUN", "DAY"] }],
          "states": ["KEY_OUT", "RUN", "DAY"], "factoryCuts": 0, "steps": [], "cautions": [] }
        """;
    PlannedFeed feed = PlannedFeed.usual(FeedPlanFormat.read(file));
    assertThat(FeedSheet.of(feed, Optional.empty()).table().findings()).isEmpty();
    assertThat(Schematic.of(feed).boxes())
        .filteredOn(box -> box.symbol() == Symbol.BAR_END)
        .extracting(box -> box.pins().get(0).node())
        .contains("terminal 30", "terminal 31");
    SolvedView solved = SolvedView.of(feed, DrivingState.DAY.controls());
    assertThat(solved.battery().value()).isCloseTo(12.8, within(0.1));
  }

  @Test
  void namesWithMarkupStayNames() throws Exception {
    String file =
        FeedPlanBook.file("drl-tap")
            .orElseThrow()
            .replace("\"id\": \"drl feed\"", "\"id\": \"<script>alert(1)</script> & \\\"x\\\"\"");
    FeedSheet sheet = FeedSheet.of(PlannedFeed.usual(FeedPlanFormat.read(file)), Optional.empty());
    FeedView view = FeedView.of(sheet, sheet.findings());
    String svg = new String(WiringSvg.of(view), StandardCharsets.UTF_8);
    assertThat(svg).contains("&lt;script&gt;").doesNotContain("<script>");
  }
}

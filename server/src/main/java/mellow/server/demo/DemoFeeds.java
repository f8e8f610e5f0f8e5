package mellow.server.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellow.core.circuit.Controls;
import mellow.core.circuit.LightLevel;
import mellow.core.feed.BatteryTimeline.What;
import mellow.core.feed.DrivingState;
import mellow.core.feed.OpenItem;
import mellow.core.harness.Route;
import mellow.core.vehicle.LampFunction;
import mellow.server.feed.FeedEdit;
import mellow.server.feed.FeedEdit.BatteryEdit;
import mellow.server.feed.FeedEdit.ChosenPlan;
import mellow.server.feed.FeedEdit.MeterEdit;
import mellow.server.feed.FeedEdit.OpenEdit;
import mellow.server.feed.FeedEdit.WishEdit;
import mellow.server.feed.RouteEdit;
import mellow.server.feed.RouteEdit.HazardEdit;
import mellow.server.feed.RouteEdit.StopEdit;
import mellow.server.feed.SourceEdit;
import mellow.server.feed.SourceEdit.ProbeEdit;

/** How the lamps of the demo's jobs are fed; all figures are invented for it. */
final class DemoFeeds {
  private DemoFeeds() {}

  private static FeedEdit plan(String id, Map<String, String> answers) {
    return new FeedEdit(
        List.of(),
        new ChosenPlan(id, 1, answers, Map.of()),
        List.of(),
        List.of(),
        List.of(),
        List.of(),
        List.of(),
        List.of(),
        List.of());
  }

  private static WishEdit fog(DrivingState state, LightLevel level) {
    return new WishEdit(LampFunction.FRONT_FOG, state, level);
  }

  private static ProbeEdit read(Controls.Key key, Controls.Lights lights, double volts) {
    return new ProbeEdit(key, lights, volts, null);
  }

  /** A long bus: the branch to the far side loses too much on the wire that was at hand. */
  static FeedEdit fogBehindCovers() {
    List<WishEdit> wishes =
        List.of(
            fog(DrivingState.KEY_OUT_FOG, LightLevel.OUT),
            fog(DrivingState.DAY_FOG, LightLevel.OUT),
            fog(DrivingState.SIDE, LightLevel.OUT),
            fog(DrivingState.SIDE_FOG, LightLevel.FULL),
            fog(DrivingState.LOW_FOG, LightLevel.FULL),
            fog(DrivingState.MAIN_FOG, LightLevel.OUT));
    ChosenPlan plan =
        new ChosenPlan(
            "fog-own-switch",
            1,
            Map.of(
                "outOnMain", "yes",
                "pilot", "fog 86",
                "harnessSide", "RIGHT",
                "farMetres", "2.3",
                "nearMetres", "1.1",
                "branchSize", "1 mm²",
                "tappedFuse", "10"),
            Map.of());
    SourceEdit side =
        new SourceEdit(
            "side",
            "dash plug B, cavity 8",
            "grey-red",
            "battery's own negative",
            12.5,
            List.of(
                read(Controls.Key.OFF, Controls.Lights.OFF, 0),
                read(Controls.Key.OFF, Controls.Lights.SIDE, 12.4),
                read(Controls.Key.RUN, Controls.Lights.OFF, 0)));
    SourceEdit open =
        new SourceEdit(
            "red",
            "fuse box, slot 14",
            "red",
            "battery's own negative",
            12.5,
            List.of(read(Controls.Key.OFF, Controls.Lights.OFF, 0)));
    return new FeedEdit(
        wishes,
        plan,
        List.of(side, open),
        List.of(farBranch()),
        List.of(new HazardEdit("fan of the radiator", 0, 120, 640, 120)),
        List.of(),
        List.of(
            new BatteryEdit(
                What.LIVE_STEP,
                "Probe for the source: each key position against each light position",
                "Runa",
                "2026-11-24T15:10:00Z"),
            new BatteryEdit(What.NEGATIVE_OFF, "", "Runa", "2026-11-24T15:32:00Z")),
        List.of(
            new OpenEdit(
                "grommet", OpenItem.Kind.TEMPORARY, "tape for a grommet in the firewall", false)),
        List.of());
  }

  /** From the relay on the right along the slam panel to the left cover. */
  private static RouteEdit farBranch() {
    return new RouteEdit(
        "farMetres",
        "to the left fog lamp",
        List.of(
            new StopEdit(-620, 180, 820, Route.Passes.NOTHING),
            new StopEdit(-540, 420, 880, Route.Passes.NOTHING),
            new StopEdit(560, 430, 880, Route.Passes.NOTHING),
            new StopEdit(700, 560, 420, Route.Passes.GROMMET),
            new StopEdit(742, 640, 300, Route.Passes.NOTHING)));
  }

  /** Small heads, dimmed beside the side lamps. */
  static FeedEdit runningLamps() {
    return plan(
        "drl-dimmed", Map.of("watts", "4.5", "candela", "780", "duty", "16", "leg", "minus"));
  }

  /** Six pods on the auxiliary switch of a pickup: too many lamps at once. */
  static FeedEdit pods() {
    return plan("aux-pods", Map.of("function", "FRONT_FOG", "withMain", "no", "watts", "14"));
  }

  /** Projectors with two beams on a vehicle whose low beam goes out on main. */
  static FeedEdit projectors() {
    FeedEdit plan = plan("xenon-harness", Map.of("feedMetres", "1.4", "farMetres", "1.9"));
    List<MeterEdit> readings = new ArrayList<>();
    readings.add(new MeterEdit("m1", DrivingState.LOW, false, "left ballast +", 13.8, "Runa"));
    readings.add(new MeterEdit("m2", DrivingState.LOW, true, "harness fuse", 6.1, "Runa"));
    return new FeedEdit(
        plan.wishes(),
        plan.plan(),
        plan.sources(),
        plan.routes(),
        plan.hazards(),
        readings,
        plan.battery(),
        plan.open(),
        plan.settings());
  }

  static FeedEdit plugIn() {
    return plan("plug-in", Map.of("lowStays", "yes"));
  }

  static FeedEdit ledProjectors() {
    return plan("led-projector", Map.of("lowStays", "yes", "lowWatts", "26"));
  }

  static FeedEdit turnSignals() {
    return plan("turn-resistor", Map.of("watts", "3.6"));
  }

  /** A swap with running lamps in the assembly and LED turn signals: three plans, one circuit. */
  static FeedEdit runningLampKit() {
    FeedEdit kit = plan("drl-kit", Map.of());
    return new FeedEdit(
        kit.wishes(),
        new ChosenPlan(
            "drl-kit",
            1,
            Map.of(
                "watts", "6",
                "candela", "720",
                "duty", "19",
                "slotName", "slot 22",
                "slotFeeds", "comfort",
                "leadFuse", "2",
                "p2_lamp", "led",
                "p2_watts", "26",
                "p3_watts", "3.6"),
            Map.of(),
            List.of(
                new FeedEdit.BesidePlan("p2", "plug-in", 1, ""),
                new FeedEdit.BesidePlan("p3", "turn-resistor", 1, ""))),
        kit.sources(),
        kit.routes(),
        kit.hazards(),
        kit.readings(),
        kit.battery(),
        kit.open(),
        kit.settings());
  }
}

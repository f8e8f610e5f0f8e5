package mellow.server.demo;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import mellow.core.workflow.LampCheck;
import mellow.core.workflow.PriorChange;
import mellow.core.workflow.Stage;
import mellow.core.workflow.TakeIn.Access;
import mellow.core.workflow.WorkKind;
import mellow.server.handover.HandOverEdit;
import mellow.server.takein.FoundEdit;
import mellow.server.takein.FoundEdit.About;
import mellow.server.takein.FoundEdit.Note;
import mellow.server.takein.TakeInEdit;
import mellow.server.takein.TakeInEdit.CheckEdit;

/** How the demo's vehicles were taken in, and what their jobs found. */
final class DemoTakeIns {
  private static final List<LampFunction> ALWAYS =
      List.of(LampFunction.DIPPED, LampFunction.MAIN, LampFunction.POSITION, LampFunction.TURN);

  private DemoTakeIns() {}

  private static List<CheckEdit> allWork() {
    List<CheckEdit> checks = new ArrayList<>();
    for (LampFunction function : ALWAYS) {
      for (Side side : Side.values()) {
        checks.add(new CheckEdit(function, side, LampCheck.State.WORKS, 0));
      }
    }
    return checks;
  }

  private static TakeInEdit works(
      String customer, String wants, Access access, PriorChange change, WorkKind... kinds) {
    return new TakeInEdit(
        customer,
        Set.of(kinds),
        wants,
        access,
        false,
        false,
        change == null ? Set.of() : Set.of(change),
        "",
        allWork(),
        List.of());
  }

  static TakeInEdit swap(String customer) {
    return works(customer, "the old ones are cloudy", Access.LAMPS_ONLY, null, WorkKind.SWAP);
  }

  static TakeInEdit aim(String customer, String wants) {
    return works(customer, wants, Access.LAMPS_ONLY, null, WorkKind.AIM);
  }

  static TakeInEdit aimAfterLift() {
    return works(
        "snow patrol",
        "oncoming traffic flashes at us",
        Access.LAMPS_ONLY,
        PriorChange.SUSPENSION,
        WorkKind.AIM);
  }

  static TakeInEdit retrofit() {
    return works(
        "valley library", "too dark on the pass", Access.BUMPER_OFF, null, WorkKind.RETROFIT);
  }

  static TakeInEdit bowls() {
    return works(
        "snow patrol", "glare in falling snow", Access.LAMPS_ONLY, null, WorkKind.RETROFIT);
  }

  static TakeInEdit runningLamps() {
    return works("car club", "small and round", Access.BUMPER_OFF, null, WorkKind.DRL);
  }

  static TakeInEdit pods() {
    return works(
        "road crew", "fog in the gorge from October on", Access.LAMPS_ONLY, null, WorkKind.PODS);
  }

  /** Not all was tried yet. */
  static TakeInEdit fog() {
    List<CheckEdit> checks = allWork();
    checks.removeIf(check -> check.function() == LampFunction.TURN);
    checks.add(new CheckEdit(LampFunction.FRONT_FOG, Side.LEFT, LampCheck.State.NOT_FITTED, 0));
    checks.add(new CheckEdit(LampFunction.FRONT_FOG, Side.RIGHT, LampCheck.State.NOT_FITTED, 0));
    return new TakeInEdit(
        "bus cooperative",
        Set.of(WorkKind.FOG),
        "the covers are there already",
        Access.BUMPER_OFF,
        false,
        false,
        Set.of(),
        "",
        checks,
        List.of());
  }

  /** A fault that wanders: dead on one side, and on the other only after tries. */
  static TakeInEdit deadFogPair() {
    List<CheckEdit> checks = allWork();
    checks.add(new CheckEdit(LampFunction.FRONT_FOG, Side.LEFT, LampCheck.State.DEAD, 0));
    checks.add(new CheckEdit(LampFunction.FRONT_FOG, Side.RIGHT, LampCheck.State.AFTER_TRIES, 3));
    return new TakeInEdit(
        "bus cooperative",
        Set.of(WorkKind.REPAIR),
        "first left, then both, some days none",
        Access.LAMPS_ONLY,
        false,
        false,
        Set.of(PriorChange.LAMPS, PriorChange.WIRING),
        "HID fog lamps, fitted elsewhere two winters ago",
        checks,
        List.of());
  }

  static FoundEdit hatch() {
    return new FoundEdit(
        List.of(
            new Note(About.HIDDEN_BOLT, "third bolt behind the washer neck, 10 mm, long extension"),
            new Note(About.SCREW_DIRECTION, "vertical screw: clockwise lowers, both sides")),
        Map.of(Stage.APART, 25, Stage.TOGETHER, 15, Stage.WALL, 40),
        60,
        "two assemblies 310",
        "");
  }

  static FoundEdit truck() {
    return new FoundEdit(
        List.of(
            new Note(About.SCREW_DIRECTION, "right lamp: anticlockwise raises"),
            new Note(About.OTHER, "tailgate loaded with salt; emptied before aiming")),
        Map.of(Stage.WALL, 35),
        30,
        "",
        "one winter, no complaint");
  }

  static FoundEdit van() {
    return new FoundEdit(
        List.of(
            new Note(About.ODD_FASTENER, "grille: six clips, pull the pin; two break each time"),
            new Note(About.HIDDEN_BOLT, "one bolt behind the liner stays in its hole: tape it")),
        Map.of(Stage.CAME, 20, Stage.APART, 55, Stage.WALL, 50),
        120,
        "",
        "");
  }

  static HandOverEdit vanTold(LocalDate day) {
    return new HandOverEdit(
        "One clip of the bumper's upper edge is new. The old lamps lie in the back.",
        "7.5 A, in the box behind the glove compartment, fifth from the left",
        List.of(
            new HandOverEdit.ComeBack(
                "Main-beam adapters looked at after the first winter",
                day.plusMonths(5),
                day.plusMonths(7))));
  }
}

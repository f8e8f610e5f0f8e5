package mellow.server.demo;

import java.util.List;
import mellow.core.vehicle.LampFunction;
import mellow.server.place.FrontEdit;
import mellow.server.place.FrontEdit.HeadEdit;
import mellow.server.place.FrontEdit.HoleEdit;
import mellow.server.place.FrontEdit.KeepOutEdit;
import mellow.server.place.FrontEdit.PairEdit;
import mellow.server.place.FrontEdit.RecessEdit;
import mellow.server.place.FrontEdit.SpotEdit;
import mellow.server.place.ShapeEdit;
import org.jspecify.annotations.Nullable;

/** The fronts of the demo scenario; all figures are invented for it. */
final class DemoFronts {
  private DemoFronts() {}

  private static ShapeEdit round(double mm) {
    return new ShapeEdit(ShapeEdit.Form.ELLIPSE, mm, mm, null);
  }

  private static ShapeEdit bar(double widthMm, double heightMm) {
    return new ShapeEdit(ShapeEdit.Form.RECTANGLE, widthMm, heightMm, null);
  }

  private static PairEdit pair(
      String id, String name, LampFunction function, ShapeEdit lit, SpotEdit spot) {
    return pair(id, name, function, List.of(new HeadEdit(lit, 0, 0)), null, List.of(), spot, spot);
  }

  private static PairEdit pair(
      String id,
      String name,
      LampFunction function,
      List<HeadEdit> heads,
      @Nullable Double candela,
      List<HoleEdit> holes,
      SpotEdit left,
      SpotEdit right) {
    return new PairEdit(
        id,
        name,
        function,
        heads,
        null,
        candela,
        false,
        null,
        null,
        null,
        recess(function),
        holes,
        left,
        right,
        null);
  }

  /** Lenses that have to be seen from aside were measured: they are flush. */
  private static @Nullable RecessEdit recess(LampFunction function) {
    return switch (function) {
      case FRONT_FOG, DRL, TURN -> new RecessEdit(0, 0, 0, 0, 0);
      default -> null;
    };
  }

  private static KeepOutEdit inTheWay(
      String id, String name, double left, double height, double size, double clearance) {
    double half = size / 2;
    return new KeepOutEdit(
        id,
        name,
        new ShapeEdit(
            ShapeEdit.Form.POLYGON,
            null,
            null,
            List.of(
                new ShapeEdit.Corner(left - half, height - half),
                new ShapeEdit.Corner(left + half, height - half),
                new ShapeEdit.Corner(left + half, height + half),
                new ShapeEdit.Corner(left - half, height + half))),
        clearance);
  }

  /** Fog lamps behind a minibus's blank covers: the covers sit too low. */
  static FrontEdit fogBehindCovers() {
    SpotEdit cover = new SpotEdit(742, 291, 0);
    return new FrontEdit(
        List.of("un-r48"),
        2020,
        List.of(
            pair("low", "low beam", LampFunction.DIPPED, round(150), new SpotEdit(720, 872, 0)),
            pair(
                "fog",
                "fog lamp",
                LampFunction.FRONT_FOG,
                List.of(new HeadEdit(round(92), 0, 0)),
                null,
                List.of(new HoleEdit(0, 0, 4, 74), new HoleEdit(52, 0, 2.5, 5.5)),
                cover,
                cover)),
        List.of(inTheWay("eye", "tow eye", -560, 330, 70, 15)),
        null,
        null,
        null,
        1.0);
  }

  /** Three small heads a side on a roadster's bumper, the left lamp turned round the corner. */
  static FrontEdit runningLamps() {
    List<HeadEdit> heads =
        List.of(
            new HeadEdit(round(34), -38, 0),
            new HeadEdit(round(34), 0, 0),
            new HeadEdit(round(34), 38, 0));
    List<HoleEdit> holes =
        List.of(new HoleEdit(-38, 0, 3, 10), new HoleEdit(0, 0, 3, 10), new HoleEdit(38, 0, 3, 10));
    return new FrontEdit(
        List.of("un-r48", "fitters"),
        1680,
        List.of(
            pair("low", "low beam", LampFunction.DIPPED, round(120), new SpotEdit(582, 628, 0)),
            pair(
                "drl",
                "running lamp",
                LampFunction.DRL,
                heads,
                780.0,
                holes,
                new SpotEdit(566, 446, 13),
                new SpotEdit(566, 446, 4)),
            pair("turn", "turn signal", LampFunction.TURN, bar(96, 44), new SpotEdit(742, 560, 0))),
        List.of(),
        140.0,
        null,
        null,
        1.0);
  }

  /** Pods on brackets beside a pickup's grille. */
  static FrontEdit pods() {
    SpotEdit bracket = new SpotEdit(512, 622, 0);
    return new FrontEdit(
        List.of("us-fmvss-108", "us-ca-24403"),
        1930,
        List.of(
            pair("low", "low beam", LampFunction.DIPPED, bar(190, 120), new SpotEdit(746, 970, 0)),
            pair(
                "fog",
                "fog pod",
                LampFunction.FRONT_FOG,
                List.of(new HeadEdit(bar(78, 70), 0, 0)),
                null,
                List.of(new HoleEdit(0, -46, 3, 8.5)),
                bracket,
                bracket)),
        List.of(inTheWay("hook", "recovery hook", 455, 452, 90, 25)),
        null,
        null,
        null,
        1.0);
  }
}

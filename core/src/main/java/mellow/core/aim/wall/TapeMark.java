package mellow.core.aim.wall;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.aim.LampPlace;
import mellow.core.aim.MarkStyle;
import mellow.core.aim.lamp.LampSheet;
import mellow.core.aim.lamp.PairSheet;
import mellow.core.vehicle.Side;

/**
 * One strip of tape on the wall.
 *
 * @param role what it marks
 * @param side the lamp it belongs to; empty for the vehicle's centre line
 * @param heightMm height of the line above the wall's foot; empty for an upright strip
 * @param leftMm place of the line from the vehicle's centre line, to the left
 * @param upperEdgeMm height of the tape's upper edge; empty for an upright strip
 */
public record TapeMark(
    Role role,
    Optional<Side> side,
    OptionalDouble heightMm,
    double leftMm,
    OptionalDouble upperEdgeMm) {

  /** What a strip marks, in the order in which people tape. */
  public enum Role {
    CENTRE_LINE,
    STRAIGHT_AHEAD,
    LAMP_LINE,
    AIM
  }

  /** The strips for a pair, as far as they can be placed. */
  public static List<TapeMark> of(PairSheet pair, MarkStyle style) {
    List<TapeMark> marks = new ArrayList<>();
    OptionalDouble none = OptionalDouble.empty();
    marks.add(new TapeMark(Role.CENTRE_LINE, Optional.empty(), none, 0, none));
    for (Side side : Side.values()) {
      LampSheet lamp = pair.lamps().on(side);
      if (lamp.place().isEmpty()) {
        continue;
      }
      LampPlace place = lamp.place().get();
      Optional<Side> here = Optional.of(side);
      marks.add(new TapeMark(Role.STRAIGHT_AHEAD, here, none, place.ahead().xMm(), none));
      marks.add(level(Role.LAMP_LINE, side, place, place.lineMm(), style));
      lamp.target()
          .ifPresent(
              target ->
                  marks.add(level(Role.AIM, side, place, place.heightMm(target.percent()), style)));
    }
    return List.copyOf(marks);
  }

  private static TapeMark level(
      Role role, Side side, LampPlace place, double heightMm, MarkStyle style) {
    return new TapeMark(
        role,
        Optional.of(side),
        OptionalDouble.of(heightMm),
        place.ahead().xMm(),
        OptionalDouble.of(style.upperEdgeMm(heightMm)));
  }
}

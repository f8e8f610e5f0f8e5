package mellow.core.workflow;

import java.util.Set;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;

/**
 * What was seen of a vehicle since it was taken in.
 *
 * @param working functions that were proved in every state since
 * @param readAgain lamp centres and cutoffs were read after the last change of the stance
 */
public record SinceThen(Set<Lamp> working, boolean readAgain) {
  public static final SinceThen NOTHING = new SinceThen(Set.of(), false);

  public SinceThen {
    working = Set.copyOf(working);
  }

  /** A function on a side. */
  public record Lamp(LampFunction function, Side side) {}

  public boolean isWorking(LampCheck check) {
    return working.contains(new Lamp(check.function(), check.side()));
  }
}

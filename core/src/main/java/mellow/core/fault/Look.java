package mellow.core.fault;

import mellow.core.circuit.Emitter;
import mellow.core.circuit.LightLevel;
import mellow.core.circuit.solve.Solution;

/** How a lamp looks in a state. */
public enum Look {
  OUT(0),
  WEAK(1),
  LIT(2),
  /** It starts and drops out, or what feeds it chatters. */
  FLICKERS(3),
  /** It comes on after a few tries. */
  AFTER_TRIES(4);

  private final int answer;

  Look(int answer) {
    this.answer = answer;
  }

  /** Which answer of a check it is. */
  public int answer() {
    return answer;
  }

  /**
   * How a lamp looks.
   *
   * @param share of its light that it gives at any voltage
   */
  static Look of(Emitter lamp, Solution solution, double share) {
    boolean starves = lamp.starvesAt(solution.on().between(lamp.plus(), lamp.minus()));
    double light = share * solution.light(lamp);
    if (starves || (!solution.restless().isEmpty() && LightLevel.of(light) != LightLevel.OUT)) {
      return FLICKERS;
    }
    return switch (LightLevel.of(light)) {
      case OUT -> OUT;
      case REDUCED -> WEAK;
      case FULL -> LIT;
    };
  }
}

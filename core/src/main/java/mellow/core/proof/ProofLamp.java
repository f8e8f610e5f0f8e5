package mellow.core.proof;

import mellow.core.circuit.Emitter;
import mellow.core.finding.Sentence;
import mellow.core.subject.Subject;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;

/**
 * One lamp that is proved by itself.
 *
 * @param name which of several with that function on that side: "left inner pod"; empty where there
 *     is but one
 */
public record ProofLamp(LampFunction function, Side side, String name)
    implements Comparable<ProofLamp> {
  /** The vehicle's own lamp beside a new one of the same function. */
  public static final String FACTORY = Emitter.Use.FACTORY;

  public static ProofLamp of(LampFunction function, Side side) {
    return new ProofLamp(function, side, "");
  }

  /** The vehicle's own beside a new one. */
  public ProofLamp factory() {
    return new ProofLamp(function, side, FACTORY);
  }

  /** What findings on it are about. */
  public Subject.Lamp subject() {
    return Subject.Lamp.of(function, side).which(name);
  }

  /** In words: "left low beam", "left inner pod". */
  public Sentence words() {
    if (name.isEmpty()) {
      return ProofWords.lamp(side, function);
    }
    return name.equals(FACTORY) ? ProofWords.factoryLamp(side, function) : Sentence.typed(name);
  }

  /** The same for the same lamp, as kept and as sent: "FRONT_FOG LEFT factory". */
  public String key() {
    return (function + " " + side + " " + name).strip();
  }

  @Override
  public int compareTo(ProofLamp other) {
    return java.util.Comparator.comparing(ProofLamp::function)
        .thenComparing(ProofLamp::name)
        .thenComparing(ProofLamp::side)
        .compare(this, other);
  }
}

package mellow.core.lens;

import java.util.Optional;
import java.util.Set;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.vehicle.BeamClass;
import mellow.core.vehicle.LampFunction;

/**
 * One mark with its meaning.
 *
 * @param typed as it stands on the lens
 * @param says its meaning, for people; empty where it is not known here
 * @param functions what a lamp so marked may be used for
 * @param beam the class by which its aim is judged
 * @param source where the meaning comes from
 * @param discharge a ballast strikes behind it
 */
public record LensMark(
    String typed,
    Sentence says,
    Set<LampFunction> functions,
    Optional<BeamClass> beam,
    Source source,
    boolean discharge) {
  public LensMark {
    functions = Set.copyOf(functions);
  }

  public boolean isKnown() {
    return !says.isEmpty();
  }
}

package mellow.core.proof;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.LightLevel;
import mellow.core.circuit.check.StateTable.Lamps;
import mellow.core.feed.DrivingState;
import mellow.core.feed.PlannedFeed;
import mellow.core.feed.PlannedPart;
import mellow.core.vehicle.Side;

/**
 * What a plan gives to be proved, whatever else the vehicle has. It depends on the plan alone and
 * costs a search of the circuit for each lamp: who asks often keeps it.
 *
 * @param states what each lamp should do, by state
 * @param footing what a proof of a lamp stands on
 */
public record PlanProof(
    Map<DrivingState, Map<ProofLamp, LightLevel>> states, Map<ProofLamp, String> footing) {
  public PlanProof {
    states = Map.copyOf(states);
    footing = Map.copyOf(footing);
  }

  public static PlanProof of(PlannedFeed feed) {
    Map<DrivingState, Map<ProofLamp, LightLevel>> states = new EnumMap<>(DrivingState.class);
    Map<ProofLamp, String> footing = new LinkedHashMap<>();
    addPlan(feed, states, footing);
    return new PlanProof(states, footing);
  }

  private static void addPlan(
      PlannedFeed feed,
      Map<DrivingState, Map<ProofLamp, LightLevel>> states,
      Map<ProofLamp, String> footing) {
    Map<ProofLamp, Emitter> emitters = emitters(feed);
    emitters.forEach((lamp, emitter) -> footing.put(lamp, Footing.of(feed, emitter)));
    List<DrivingState> names = feed.plan().states();
    Set<ProofLamp> all = new LinkedHashSet<>();
    for (int i = 0; i < names.size(); i++) {
      Map<ProofLamp, LightLevel> state = new TreeMap<>();
      feed.expected()
          .get(i)
          .expected()
          .forEach((lamps, level) -> of(lamps, emitters).forEach(lamp -> state.put(lamp, level)));
      all.addAll(state.keySet());
      states.put(names.get(i), state);
    }
    states.putIfAbsent(
        DrivingState.KEY_OUT,
        all.stream().collect(Collectors.toMap(Function.identity(), lamp -> LightLevel.OUT)));
  }

  /** Each lamp of a plan; by the plan's own name where a side has several of one function. */
  private static Map<ProofLamp, Emitter> emitters(PlannedFeed feed) {
    List<Emitter> all =
        feed.parts().stream()
            .map(PlannedPart::part)
            .filter(Emitter.class::isInstance)
            .map(Emitter.class::cast)
            .toList();
    Map<ProofLamp, Emitter> lamps = new TreeMap<>();
    for (Emitter one : all) {
      boolean alone =
          all.stream()
                  .filter(
                      other ->
                          other.use().function() == one.use().function()
                              && other.use().side() == one.use().side())
                  .count()
              == 1;
      lamps.put(new ProofLamp(one.use().function(), one.use().side(), alone ? "" : one.id()), one);
    }
    return lamps;
  }

  /** The lamps that go together; what no part of the plan stands for counts as one a side. */
  private static Stream<ProofLamp> of(Lamps lamps, Map<ProofLamp, Emitter> known) {
    return Stream.of(Side.values())
        .filter(side -> lamps.side().map(side::equals).orElse(true))
        .flatMap(
            side -> {
              List<ProofLamp> there =
                  known.entrySet().stream()
                      .filter(one -> one.getKey().function() == lamps.function())
                      .filter(one -> one.getKey().side() == side)
                      .filter(one -> one.getValue().use().pair().equals(lamps.pair()))
                      .map(Map.Entry::getKey)
                      .toList();
              return there.isEmpty()
                  ? Stream.of(ProofLamp.of(lamps.function(), side))
                  : there.stream();
            });
  }
}
